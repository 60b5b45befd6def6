package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

class KeepingTest extends AppTest {
    @Autowired
    private JdbcClient db;

    @Autowired
    private Statements statements;

    private School.Desk desk;
    private final UUID entry = UUID.randomUUID();

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
    }

    @Test
    void changesNothingWhenTheSameChangeComesTwice() {
        keep(0, "An echo");
        assertThat(keep(0, "An echo").json().path("version").asInt()).isEqualTo(1);
        assertThat(words()).containsExactly("An echo");
    }

    @Test
    void refusesAStaleChangeWithWhatIsThere() {
        keep(0, "An echo");
        keep(1, "An echo is reflected");
        var answer = keep(1, "An echo is sound");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.json().path("now").path("version").asInt()).isEqualTo(2);
        assertThat(words()).containsExactly("An echo is reflected");
    }

    @Test
    void takesWhatOneTabWroteOnAfterAnAnswerThatItNeverHeard() {
        keep(0, "An", "tab-1");
        keep(1, "An ec", "tab-1");
        assertThat(keep(1, "An echo", "tab-1").json().path("version").asInt()).isEqualTo(3);
        assertThat(words()).containsExactly("An echo");
    }

    @Test
    void keepsApartWhatAnotherTabWroteBetween() {
        keep(0, "An", "tab-1");
        keep(1, "An echo", "tab-2");
        assertThat(keep(1, "An ox", "tab-1").status()).isEqualTo(409);
        keep(2, "An echo is", "tab-1");
        assertThat(keep(1, "An ox", "tab-1").status()).isEqualTo(409);
        assertThat(keep(2, "An echo is sound", "tab-1").status()).isEqualTo(200);
        assertThat(keep(2, "An echo", "").status()).isEqualTo(409);
    }

    @Test
    void mergesWhatTwoDevicesMadeOfOneText() {
        keep(0, "The echo comes late");
        keep(1, "The echo comes back late", "tab-1");
        var answer = onTopOf("The echo comes late", "A echo comes late");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("version").asInt()).isEqualTo(3);
        assertThat(words()).containsExactly("A echo comes back late");
        // The device that has not seen it yet goes on from what it has, and nothing of the other's is lost.
        assertThat(keep(2, "The echo comes back very late", "tab-1").status()).isEqualTo(409);
    }

    @Test
    void refusesWhatChangedTheSameWords() {
        keep(0, "Light");
        keep(1, "Light bends");
        assertThat(onTopOf("Light", "Light is fast").status()).isEqualTo(409);
        assertThat(words()).containsExactly("Light bends");
    }

    /** As a device does whose change met another one: with what its text was before. */
    private Browser.Answer onTopOf(String base, String words) {
        var before = "{'pageId':'%s','zone':'main','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), School.doc(base));
        var body = body(1, School.doc(words)).replaceFirst("}$", ",'writer':'tab-2','base':" + before + "}");
        return browser.send(school.student, "PUT", "/api/entries/" + entry, body);
    }

    @Test
    void keepsEarlierVersions() {
        keep(0, "An echo");
        keep(1, "An echo is reflected");
        assertThat(earlier()).singleElement().asString().contains("An echo");
    }

    @Test
    void keepsNoVersionOfTheFirstLettersThatATabWrites() {
        keep(0, "An", "tab-1");
        keep(1, "An echo", "tab-1");
        assertThat(earlier()).isEmpty();
        keep(2, "An echo is reflected", "tab-2");
        assertThat(earlier()).singleElement().asString().contains("An echo");
        db.sql("update entry set version_put_by_at = null, made_at = made_at - interval 3 minute")
                .update();
        keep(3, "An echo is reflected sound", "tab-2");
        assertThat(earlier()).hasSize(2);
    }

    private List<String> earlier() {
        return db.sql("select content from entry_version where entry_id = ?")
                .param(entry.toString())
                .query(String.class)
                .list();
    }

    @Test
    void showsWhatAnEntryWasAndTakesItBackAsANewChange() {
        keep(0, "An echo");
        keep(1, "Gone by mistake");
        var earlier = browser.get(school.student, "/api/entries/" + entry + "/earlier")
                .json();
        assertThat(earlier).hasSize(1);
        send(2, earlier.get(0).path("content").toString());
        assertThat(words()).containsExactly("An echo");
    }

    @Test
    void keepsWordsThatCameForAnEntryInTheBin() {
        keep(0, "An echo");
        browser.send(school.student, "DELETE", "/api/entries/" + entry, "");
        assertThat(keep(1, "An echo, and more").status()).isEqualTo(200);
        browser.send(
                school.student, "POST", "/api/notebooks/" + desk.notebook().id() + "/bin/" + entry + "/restore", "");
        assertThat(words()).containsExactly("An echo, and more");
    }

    @Test
    void bringsASectionBackWithItsPages() {
        keep(0, "An echo");
        browser.send(school.student, "DELETE", "/api/sections/" + desk.section(), "");
        assertThat(browser.get(school.student, "/api/pages/" + desk.page().id()).status())
                .isEqualTo(404);
        browser.send(
                school.student,
                "POST",
                "/api/notebooks/" + desk.notebook().id() + "/bin/" + desk.section() + "/restore",
                "");
        assertThat(words()).containsExactly("An echo");
    }

    @Test
    void movesEntriesAndKeepsThoseThatWereNotNamed() {
        var first = school.typed(school.student, desk, "one");
        school.typed(school.student, desk, "two");
        var third = school.typed(school.student, desk, "three");
        browser.send(
                school.student,
                "POST",
                "/api/pages/" + desk.page().id() + "/order",
                "{'entries':['%s','%s']}".formatted(third, first));
        assertThat(words()).containsExactly("three", "one", "two");
    }

    @Test
    void showsACutSlotOnTheEdgeAtOnce() {
        school.typed(school.student, desk, "An echo", "2.4a");
        var page = browser.get(school.student, "/api/pages/" + desk.page().id()).json();
        assertThat(Browser.texts(page.path("edge"), "code")).containsExactly("2.3a", "2.3b", "2.4a");
        assertThat(page.path("entries").get(0).path("notches").get(0).asString())
                .isEqualTo(school.node("2.4a").toString());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{'type':'doc','content':[{'type':'iframe'}]}",
                "{'type':'doc','content':[{'type':'text','text':'x','marks':[{'type':'link'}]}]}",
                "[]"
            })
    void refusesTextThatTheSchemaHasNoPlaceFor(String content) {
        assertThat(send(0, content).status()).isEqualTo(422);
        assertThat(words()).isEmpty();
    }

    @Test
    void neverLetsAnotherStudentWriteOverAnEntry() {
        keep(0, "An echo");
        var theirs = school.desk(school.classmate);
        var body = body(1, School.doc("stolen"))
                .replace(desk.page().id().toString(), theirs.page().id().toString());
        assertThat(browser.send(school.classmate, "PUT", "/api/entries/" + entry, body)
                        .status())
                .isEqualTo(404);
        assertThat(words()).containsExactly("An echo");
    }

    /** Two transactions that wait for each other's new rows are one of the ways in which this used to be answered 500. */
    @Test
    void keepsWhatManySendAtOnceWithoutAFault() {
        var statuses = new ConcurrentLinkedQueue<Integer>();
        try (var senders = Executors.newVirtualThreadPerTaskExecutor()) {
            for (var i = 0; i < 200; i++) {
                var id = i % 4 == 0 ? entry : UUID.randomUUID();
                var body = body(0, School.doc("Echo"));
                senders.submit(() -> statuses.add(browser.send(school.student, "PUT", "/api/entries/" + id, body)
                        .status()));
            }
        }
        assertThat(statuses).hasSize(200).containsOnly(200);
        assertThat(words()).hasSize(151);
    }

    @Test
    void refusesAllButOneOfManyThatChangeTheSameVersionAtOnce() {
        keep(0, "An echo");
        var statuses = new ConcurrentLinkedQueue<Integer>();
        try (var senders = Executors.newVirtualThreadPerTaskExecutor()) {
            for (var i = 0; i < 20; i++) {
                var words = "An echo " + i;
                senders.submit(() -> statuses.add(keep(1, words).status()));
            }
        }
        assertThat(statuses).containsOnly(200, 409).containsOnlyOnce(200);
    }

    /** Everyone who types asks for this every second: two reads and a write, and nothing else. */
    @Test
    void keepsATypedChangeInThreeStatements() {
        keep(0, "An echo");
        keep(1, "An echo is");
        assertThat(statements.during(() -> keep(2, "An echo is reflected"))).hasSize(3);
    }

    @Test
    void laysOutOneSectionForEachUnitOnlyOnce() {
        var path = "/api/notebooks/" + desk.notebook().id();
        browser.send(school.student, "POST", path + "/sections-for-units", "");
        browser.send(school.student, "POST", path + "/sections-for-units", "");
        assertThat(Browser.texts(browser.get(school.student, path).json().path("sections"), "title"))
                .containsExactlyInAnyOrder("Echoes", "Sound", "Ultrasound");
    }

    private Browser.Answer keep(int baseVersion, String words) {
        return send(baseVersion, School.doc(words));
    }

    private Browser.Answer keep(int baseVersion, String words, String writer) {
        var body = body(baseVersion, School.doc(words)).replaceFirst("}$", ",'writer':'" + writer + "'}");
        return browser.send(school.student, "PUT", "/api/entries/" + entry, body);
    }

    private Browser.Answer send(int baseVersion, String content) {
        return browser.send(school.student, "PUT", "/api/entries/" + entry, body(baseVersion, content));
    }

    private String body(int baseVersion, String content) {
        return "{'baseVersion':%d,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(baseVersion, desk.page().id(), content);
    }

    private List<String> words() {
        return browser.get(school.student, "/api/pages/" + desk.page().id())
                .json()
                .path("entries")
                .valueStream()
                .map(one -> one.path("content")
                        .path("content")
                        .get(0)
                        .path("content")
                        .get(0)
                        .path("text")
                        .asString())
                .toList();
    }
}
