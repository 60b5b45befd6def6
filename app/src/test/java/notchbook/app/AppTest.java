package notchbook.app;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The whole application over a real MariaDB, on Wednesday 25 November 2026 at 10:00 in the school's zone. */
@SpringBootTest(classes = NotchbookApplication.class)
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@Import({AppTest.FixedTime.class, School.class, Browser.class})
abstract class AppTest {
    static final Instant NOW = Instant.parse("2026-11-25T10:00:00Z");

    @Autowired
    School school;

    @Autowired
    Browser browser;

    @DynamicPropertySource
    static void server(DynamicPropertyRegistry registry) {
        TestServer.register(registry);
    }

    @TestConfiguration
    static class FixedTime {
        @Bean
        @Primary
        Clock testClock() {
            return Clock.fixed(NOW, ZoneOffset.UTC);
        }

        @Bean
        @Primary
        LittleWeb littleWeb() throws IOException {
            return new LittleWeb();
        }

        @Bean
        Statements statements() {
            return new Statements();
        }
    }
}
