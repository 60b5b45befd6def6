package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** An empty Notchbook, from the start of its server to the first account. */
@SpringBootTest(classes = NotchbookApplication.class)
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@Import(Browser.class)
@ExtendWith(OutputCaptureExtension.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstVisitTest {
    private static final String BODY =
            "{'code':'%s','fullName':'Ida Fell','userName':'ida','password':'%s','role':'STUDENT'}";

    private static final String GOOD = "kettle-moss-violin-9";

    @Autowired
    private Browser browser;

    @Autowired
    private ConfigurableApplicationContext application;

    @DynamicPropertySource
    static void server(DynamicPropertyRegistry registry) {
        TestServer.register(registry, "empty");
    }

    @Test
    @Order(1)
    void letsInWhoeverHasTheCodeThatWasPrintedLastAndNobodyElse(CapturedOutput output) {
        var old = printed(output);
        var code = printed(output);
        assertThat(browser.get(null, "/api/me").json().path("isNew").asBoolean())
                .isTrue();
        assertThat(begin("", GOOD).detail()).startsWith("This is not the code.");
        assertThat(begin(old, GOOD).detail()).startsWith("This is not the code.");
        assertThat(begin(code, "password1").detail()).startsWith("This password does not do. Easy to guess.");
        assertThat(begin(code, "short").detail()).contains("at least 8 letters");
        assertThat(begin(code.toLowerCase().replace("-", " "), GOOD).status()).isEqualTo(204);
        assertThat(begin(code, GOOD).detail()).isEqualTo("This Notchbook has its first account already. Sign in.");
        assertThat(browser.get(null, "/api/me").json().path("isNew").asBoolean())
                .isFalse();
    }

    @Test
    @Order(2)
    void saysNoCodeOnceSomebodyIsThere(CapturedOutput output) {
        var before = output.getOut();
        announce();
        assertThat(output.getOut().substring(before.length())).doesNotContain("The code for the first visit");
        assertThat(signIn("ida", GOOD).status()).isEqualTo(200);
    }

    @Test
    @Order(3)
    void letsAStudentWhoIsAloneKeepTheSchoolYear() {
        var ida = signIn("ida", GOOD).session();
        var years = browser.answer(
                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get("/api/school-years")
                        .cookie(ida));
        assertThat(years.json().path("isKept").asBoolean()).isTrue();
    }

    private Browser.Answer begin(String code, String password) {
        return browser.send(null, "POST", "/api/first-visit", BODY.formatted(code, password));
    }

    private Browser.Answer signIn(String name, String password) {
        return browser.send(null, "POST", "/api/sign-in", "{'name':'%s','password':'%s'}".formatted(name, password));
    }

    /** Starts the server's work anew, as far as it says its code. */
    private String printed(CapturedOutput output) {
        announce();
        var words = output.getOut().split("The code for the first visit is ");
        return words[words.length - 1].strip().split("\\s")[0];
    }

    private void announce() {
        application.publishEvent(new ApplicationReadyEvent(
                new SpringApplication(NotchbookApplication.class),
                new String[0],
                application,
                java.time.Duration.ZERO));
    }
}
