package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
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
        // Who is made for one test alone has no password.
        assertThat(db.sql("select password_hash from person where password_hash <> ''")
                        .query(String.class)
                        .list())
                .isNotEmpty()
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
    void closesANameToWhereFiveTriesFailedAndToNobodyElse() {
        var name = school.student.userName();
        for (var i = 0; i < 5; i++) {
            assertThat(from("10.0.0.7", name, "wrong").status()).isEqualTo(401);
        }
        assertThat(from("10.0.0.7", name, School.PASSWORD).status()).isEqualTo(429);
        assertThat(from("10.0.0.7", school.teacher.userName(), School.PASSWORD).status())
                .isEqualTo(200);
        assertThat(from("10.0.0.8", name, School.PASSWORD).status()).isEqualTo(200);
    }

    @Test
    void letsSomebodyInOnTheirOwnDeviceWhateverOthersTryBesideThem() {
        var name = school.teacher.userName();
        var device = from("10.0.1.7", name, School.PASSWORD).response().getCookie("notchbook-device");
        for (var i = 0; i < 5; i++) {
            from("10.0.1.7", name, "wrong");
        }
        assertThat(from("10.0.1.7", name, School.PASSWORD).status()).isEqualTo(429);
        assertThat(from("10.0.1.7", name, School.PASSWORD, device).status()).isEqualTo(200);
        assertThat(from("10.0.1.7", name, School.PASSWORD, new Cookie("notchbook-device", "guessed"))
                        .status())
                .isEqualTo(429);
    }

    @Test
    void signsInWithTheNewPasswordThatATeacherGaveAndNoLongerWithTheOld() {
        var way = "/api/classes/%s/students/%s/password".formatted(school.schoolClass.id(), school.classmate.id());
        var given = browser.send(school.teacher, "POST", way, "").json();
        var name = given.path("userName").asString();
        assertThat(name).isEqualTo(school.classmate.userName());
        assertThat(signIn(name, School.PASSWORD).status()).isEqualTo(401);
        assertThat(signIn(name, given.path("password").asString()).status()).isEqualTo(200);
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

    private Browser.Answer from(String address, String name, String password, Cookie... cookies) {
        var request = MockMvcRequestBuilders.post("/api/sign-in")
                .contentType("application/json")
                .content("{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password))
                .with(sent -> {
                    sent.setRemoteAddr(address);
                    return sent;
                });
        return browser.send(null, cookies.length == 0 ? request : request.cookie(cookies));
    }

    private Browser.Answer signIn(String name, String password) {
        return browser.send(null, "POST", "/api/sign-in", "{'name':'%s','password':'%s'}".formatted(name, password));
    }
}
