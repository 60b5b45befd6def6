package notchbook.demo;

import java.time.Clock;
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
        new SpringApplication(NotchbookApplication.class, DemoApplication.class).run(arguments);
    }

    @Bean
    @Primary
    DemoClock demoClock() {
        return new DemoClock(Clock.systemDefaultZone());
    }
}
