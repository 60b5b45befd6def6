package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Clips elsewhere, from the page that is fetched to the small page that plays one, and for whom. */
class ClipsTest extends AppTest {
    private final UUID collection = UUID.randomUUID();
    private final UUID thing = UUID.randomUUID();

    @BeforeEach
    void aCollection() {
        send("PUT", "", "{'title':'Clips','purpose':''}");
    }

    private Browser.Answer send(String method, String path, String body) {
        return browser.send(school.student, method, "/api/collections/" + collection + path, body);
    }

    private JsonNode kept(String address) {
        send("PUT", "/items/" + thing, "{'kind':'LINK','title':'Tank','note':'','url':'%s'}".formatted(address));
        Eventually.holds(() -> !card().path("state").asString().equals("WAITING"));
        return card();
    }

    private JsonNode card() {
        return browser.get(school.student, "/api/collections/" + collection)
                .json()
                .at("/items/0/card");
    }

    private Browser.Answer player(Person reader) {
        return player(reader, "");
    }

    private Browser.Answer player(Person reader, String part) {
        return browser.get(reader, "/api/things/" + thing + "/clip" + part);
    }

    private static String html(Browser.Answer answer) {
        return new String(answer.response().getContentAsByteArray(), UTF_8);
    }

    @ParameterizedTest
    @CsvSource({
        "/tank, play.example, 3:14, ''",
        "/beside, play.example, '', ''",
        "/old, play.example, 3:14, http://clips.example/tank",
        "/for-now, play.example, 3:14, ''",
        "/words, '', '', ''"
    })
    void areFoundWhereTheirPageOrItsSiteSaysSo(String path, String host, String length, String movedTo) {
        var card = kept("http://clips.example" + path);
        assertThat(card.at("/clip/host").asString("")).isEqualTo(host);
        assertThat(card.at("/clip/length").asString("")).isEqualTo(length);
        assertThat(card.path("movedTo").asString()).isEqualTo(movedTo);
    }

    @Test
    void areNotPlayedFromAnAddressWithoutTls() {
        assertThat(kept("http://clips.example/wave.webm").path("title").asString())
                .isEqualTo("wave.webm");
        assertThat(card().path("clip").isMissingNode()).isTrue();
    }

    @Test
    void playAloneUnderAPolicyThatLetsInTheirSiteOnly() {
        kept("http://clips.example/tank");
        var answer = player(school.student, "?from=0:40&to=1:25");
        var policy = answer.response().getHeader("Content-Security-Policy");
        assertThat(policy)
                .contains("default-src 'none'", "frame-src https://play.example;", "frame-ancestors 'self'")
                .doesNotContain("script-src", "unsafe");
        assertThat(html(answer))
                .contains("src=\"https://play.example/tank?of=1&amp;start=40&amp;end=85#t=40,85\"")
                .contains("sandbox=\"allow-scripts allow-same-origin allow-presentation\"")
                .doesNotContain("<script", "allow-popups", "allow-top-navigation");
    }

    @Test
    void sayWhatIsNoPartOfThemAndKeepTheOneBefore() {
        kept("http://clips.example/tank");
        send("PATCH", "/items/" + thing, "{'played':{'from':'0:40','to':''}}");
        var refused = send("PATCH", "/items/" + thing, "{'played':{'from':'1:25','to':'0:40'}}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("from 1:25 to 0:40");
        assertThat(browser.get(school.student, "/api/collections/" + collection)
                        .json()
                        .at("/items/0/played/from")
                        .asString())
                .isEqualTo("0:40");
        assertThat(player(school.student, "?from=1:25&to=0:40").status()).isEqualTo(422);
    }

    @Test
    void playForWhomTheirCollectionIsShownUntilTakenBack() {
        kept("http://clips.example/tank");
        var readers = "/readers/classes/" + school.schoolClass.id();
        assertThat(player(school.classmate).status()).isEqualTo(404);
        send("PUT", readers, "");
        assertThat(player(school.classmate).status()).isEqualTo(200);
        assertThat(player(school.otherTeacher).status()).isEqualTo(404);
        send("DELETE", readers, "");
        assertThat(player(school.classmate).status()).isEqualTo(404);
        send("DELETE", "/items/" + thing, "");
        assertThat(player(school.student).status()).isEqualTo(404);
    }

    @Test
    void areNotThereWhereAPageHasNone() {
        kept("http://clips.example/words");
        assertThat(player(school.student).status()).isEqualTo(404);
    }
}
