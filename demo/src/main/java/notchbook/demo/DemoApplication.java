package notchbook.demo;

import java.time.Clock;
import java.util.Map;
import notchbook.app.NotchbookApplication;
import org.springframework.boot.SpringApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ComponentScan;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;

/** The application with the demo school in it. */
@Configuration
@ComponentScan
public class DemoApplication {
    public static void main(String[] arguments) {
        var demo = new SpringApplication(NotchbookApplication.class, DemoApplication.class);
        demo.setDefaultProperties(Map.of("NOTCHBOOK_MAIL_SERVER", "shown"));
        demo.run(arguments);
    }

    @Bean
    @Primary
    DemoClock demoClock() {
        return new DemoClock(Clock.systemDefaultZone());
    }
}
