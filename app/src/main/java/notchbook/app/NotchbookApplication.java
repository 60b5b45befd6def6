package notchbook.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The one deployable application. */
@SpringBootApplication
public class NotchbookApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(NotchbookApplication.class, arguments);
    }
}
