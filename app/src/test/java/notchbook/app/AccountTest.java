package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class AccountTest extends AppTest {
    private static final String FIREFOX = "Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0";
    private static final String PHONE =
            "Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 Chrome/140.0 Mobile Safari/537.36";

    private String name;
    private String password;

    @BeforeEach
    void enter() {
        var entered = browser.send(
                        school.keeper, "POST", "/api/school/people", "{'role':'STUDENT','names':['Lev Anders']}")
                .json()
                .get(0);
        name = entered.path("userName").asString();
        password = entered.path("password").asString();
    }

    @Test
    void namesTheDevicesThatAreSignedInAndSignsOneOut() {
        var laptop = signIn(password, FIREFOX);
        var phone = signIn(password, PHONE);
        var devices = send(laptop, "GET", "/api/account", "").json().path("devices");
        assertThat(Browser.texts(devices, "name"))
                .containsExactlyInAnyOrder("Firefox on Linux", "Chrome or Chromium on an Android device");
        var other = devices.valueStream()
                .filter(device -> !device.path("isThisOne").asBoolean())
                .findFirst()
                .orElseThrow();
        assertThat(other.path("name").asString()).contains("Android");
        send(laptop, "DELETE", "/api/account/devices/" + other.path("id").asString(), "");
        assertThat(send(phone, "GET", "/api/account", "").status()).isEqualTo(401);
        assertThat(send(laptop, "GET", "/api/account", "").status()).isEqualTo(200);
    }

    @Test
    void changesThePasswordForWhoKnowsTheOldOneAndSignsTheOthersOut() {
        var laptop = signIn(password, FIREFOX);
        var phone = signIn(password, PHONE);
        assertThat(change(laptop, "wrong", "kettle-moss-violin-9").detail())
                .isEqualTo("The password that you have now is another one. Nothing was changed.");
        assertThat(change(laptop, password, name + "123").detail()).startsWith("This password does not do.");
        assertThat(change(laptop, password, "kettle-moss-violin-9").status()).isEqualTo(204);
        assertThat(send(laptop, "GET", "/api/account", "").status()).isEqualTo(200);
        assertThat(send(phone, "GET", "/api/account", "").status()).isEqualTo(401);
        assertThat(trySignIn(password).status()).isEqualTo(401);
        assertThat(trySignIn("kettle-moss-violin-9").status()).isEqualTo(200);
    }

    @Test
    void letsNobodyTryOldPasswordsInARow() {
        var laptop = signIn(password, FIREFOX);
        for (var i = 0; i < 5; i++) {
            change(laptop, "wrong", "kettle-moss-violin-9");
        }
        assertThat(change(laptop, password, "kettle-moss-violin-9").status()).isEqualTo(429);
    }

    @Test
    void signsOutOfAll() {
        var laptop = signIn(password, FIREFOX);
        var phone = signIn(password, PHONE);
        send(phone, "DELETE", "/api/account/devices", "");
        assertThat(send(laptop, "GET", "/api/account", "").status()).isEqualTo(401);
        assertThat(send(phone, "GET", "/api/account", "").status()).isEqualTo(401);
    }

    private Browser.Answer change(Cookie session, String old, String wish) {
        return send(session, "PUT", "/api/account/password", "{'old':'%s','password':'%s'}".formatted(old, wish));
    }

    private Cookie signIn(String typed, String browserName) {
        var answer = browser.send(
                null,
                MockMvcRequestBuilders.post("/api/sign-in")
                        .header("User-Agent", browserName)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(credentials(typed)));
        return answer.session();
    }

    private Browser.Answer trySignIn(String typed) {
        return browser.send(null, "POST", "/api/sign-in", credentials(typed));
    }

    private String credentials(String typed) {
        return "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, typed);
    }

    private Browser.Answer send(Cookie session, String method, String path, String body) {
        return browser.answer(MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path)
                .cookie(session)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body.replace('\'', '"')));
    }
}
