package notchbook.app.platform;

import java.time.Clock;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

@Configuration
@EnableScheduling
class TimeConfiguration {
    /** The clock of the school's time zone; a test or the demo school puts a primary one in its place. */
    @Bean
    Clock clock(@Value("${notchbook.zone:}") String zone) {
        return Clock.system(zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone));
    }
}
