package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Unfiled work is offered points by its words, until its student files it or says what it is not. */
class SuggestionsTest extends AppTest {
    private static final String WORDS = "We found the distance from the time of the echo";

    private School.Desk desk;
    private UUID entry;

    @BeforeEach
    void write() {
        desk = school.desk(school.student);
        entry = school.typed(school.student, desk, WORDS);
    }

    @Test
    void offersPointsWithTheWordsThatSaySo() {
        var offers = browser.get(school.student, "/api/entries/" + entry + "/suggestions")
                .json();
        assertThat(offers.at("/0/code").asString()).startsWith("2.3");
        assertThat(offers.at("/0/words").toString()).contains("echo");
        assertThat(offers.size()).isBetween(1, 3);
    }

    @Test
    void listsLooseWorkNewestFirstUntilItIsNotched() {
        var older = UUID.randomUUID();
        var body =
                "{'baseVersion':0,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL','madeAt':'2026-11-20T10:00:00Z'}"
                        .formatted(desk.page().id(), School.doc("Ask for the key of the dark room"));
        browser.send(school.student, "PUT", "/api/entries/" + older, body);
        assertThat(Browser.texts(unfiled(), "id")).containsSubsequence(entry.toString(), older.toString());
        assertThat(line(older).path("suggestions")).isEmpty();
        send("PUT", "notches/" + school.node("2.3b"));
        assertThat(Browser.texts(unfiled(), "id")).contains(older.toString()).doesNotContain(entry.toString());
    }

    @Test
    void remembersNotThis() {
        var first = line(entry).at("/suggestions/0/point").asString();
        send("PUT", "not-this/" + first);
        assertThat(line(entry).path("suggestions").toString()).doesNotContain(first);
        assertThat(browser.get(school.student, "/api/entries/" + entry + "/suggestions")
                        .json()
                        .toString())
                .doesNotContain(first);
        send("DELETE", "not-this/" + first);
        assertThat(line(entry).at("/suggestions/0/point").asString()).isEqualTo(first);
    }

    @Test
    void leavesOutWhatIsNoSyllabusWorkHereAndInTheWeek() {
        send("PUT", "beside-syllabus");
        assertThat(Browser.texts(unfiled(), "id")).doesNotContain(entry.toString());
        assertThat(browser.get(school.student, "/api/weeks/2026-11-23")
                        .json()
                        .path("unfiled")
                        .toString())
                .doesNotContain(entry.toString());
        send("DELETE", "beside-syllabus");
        assertThat(Browser.texts(unfiled(), "id")).contains(entry.toString());
    }

    @Test
    void refusesAPointOfNoSyllabusOfTheNotebook() {
        var answer =
                browser.send(school.student, "PUT", "/api/entries/" + entry + "/not-this/" + UUID.randomUUID(), "");
        assertThat(answer.status()).isEqualTo(404);
    }

    private void send(String method, String act) {
        assertThat(browser.send(school.student, method, "/api/entries/" + entry + "/" + act, "")
                        .status())
                .isEqualTo(204);
    }

    private JsonNode line(UUID id) {
        return unfiled()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode unfiled() {
        return browser.get(school.student, "/api/notebooks/" + desk.notebook().id() + "/unfiled")
                .json();
    }
}
