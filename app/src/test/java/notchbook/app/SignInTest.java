package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SignInTest extends AppTest {
    @Autowired
    private JdbcClient db;

    @Test
    void takesTheRightPasswordAndKeepsTheSessionInTheDatabase() {
        var answer = signIn(school.student.userName(), School.PASSWORD);
        assertThat(answer.json().path("person").path("fullName").asString()).isEqualTo(school.student.fullName());
        assertThat(db.sql("select count(*) from SPRING_SESSION")
                        .query(Integer.class)
                        .single())
                .isPositive();
    }

    @Test
    void hashesPasswordsWithArgon2id() {
        assertThat(db.sql("select password_hash from person")
                        .query(String.class)
                        .list())
                .allMatch(hash -> hash.startsWith("$argon2id$"));
    }

    @ParameterizedTest
    @CsvSource({"%s,wrong", "nobody-here,echo-echo-7", "'',''"})
    void refusesAlikeWhateverIsWrong(String name, String password) {
        var answer = signIn(name.formatted(school.classmate.userName()), password);
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.detail()).isEqualTo("This name and password do not fit. Check both and try again.");
    }

    @Test
    void closesANameAfterFiveFailures() {
        var name = "guessed-" + UUID.randomUUID();
        for (var i = 0; i < 5; i++) {
            assertThat(signIn(name, "wrong").status()).isEqualTo(401);
        }
        assertThat(signIn(name, "wrong").status()).isEqualTo(429);
        assertThat(signIn(school.student.userName(), School.PASSWORD).status()).isEqualTo(200);
    }

    @Test
    void refusesAChangeWithoutTheToken() {
        var request = MockMvcRequestBuilders.post("/api/sign-in")
                .contentType("application/json")
                .content("{}");
        assertThat(browser.answer(request).status()).isEqualTo(403);
    }

    @Test
    void sendsAStrictContentSecurityPolicy() {
        var policy = browser.get(null, "/api/me").response().getHeader("Content-Security-Policy");
        assertThat(policy)
                .contains("default-src 'self'", "object-src 'none'", "frame-ancestors 'none'")
                .doesNotContain("unsafe", "http");
    }

    private Browser.Answer signIn(String name, String password) {
        return browser.send(null, "POST", "/api/sign-in", "{'name':'%s','password':'%s'}".formatted(name, password));
    }
}
