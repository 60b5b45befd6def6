package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UnsupportedEncodingException;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class MarksTest extends AppTest {
    private final UUID mark = UUID.randomUUID();
    private School.Desk desk;
    private UUID entry;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        entry = school.typed(school.student, desk, "Does wind change it?", "2.4a");
    }

    @Test
    void gathersAMarkWithItsWordsUnderTheTopicOfItsEntry() {
        put("{'kind':'QUESTION'}");
        var found = gathered("").getFirst();
        assertThat(found).contains("Does wind change it?", "Ultrasound", "Timing an echo", "\"week\":12");
        assertThat(gathered("&topic=" + school.node("2.4"))).hasSize(1);
        assertThat(gathered("&topic=" + school.node("2.3"))).isEmpty();
    }

    @Test
    void placesAMarkUnderTheTopicOfItsSectionWhereNothingIsNotched() {
        var plain = school.typed(school.student, desk, "Twenty claps");
        send("PUT", "/api/entries/" + plain + "/marks/" + mark, "{'kind':'KEY'}");
        assertThat(gathered("&topic=" + school.node("2.3"))).hasSize(1);
    }

    @Test
    void closesAQuestionThatAnEntryOrASentenceAnswers() {
        put("{'kind':'QUESTION'}");
        assertThat(gathered("&open=true")).hasSize(1);
        put("{'kind':'QUESTION','answer':'Only the temperature.'}");
        assertThat(gathered("&open=true")).isEmpty();
        var answer = school.typed(school.student, desk, "Wind carries it along");
        put("{'kind':'QUESTION','answerEntry':'%s'}".formatted(answer));
        assertThat(gathered("").getFirst()).contains(answer.toString());
    }

    @Test
    void neverTiesAnAnswerToAnothersEntry() {
        var theirs = school.typed(school.classmate, school.desk(school.classmate), "Mine");
        assertThat(put("{'kind':'QUESTION','answerEntry':'%s'}".formatted(theirs)))
                .isEqualTo(404);
        assertThat(put("{'kind':'OWN','own':'%s'}".formatted(UUID.randomUUID())))
                .isEqualTo(404);
        assertThat(gathered("")).isEmpty();
    }

    @Test
    void leavesAMarkOnItsEntry() {
        put("{'kind':'KEY'}");
        var other = school.typed(school.student, desk, "Another");
        assertThat(send("PUT", "/api/entries/" + other + "/marks/" + mark, "{'kind':'KEY'}"))
                .isEqualTo(404);
        send("DELETE", "/api/entries/" + other + "/marks/" + mark, "");
        assertThat(gathered("")).hasSize(1);
        send("DELETE", "/api/entries/" + entry + "/marks/" + mark, "");
        assertThat(gathered("")).isEmpty();
    }

    @Test
    void hidesTheMarksOfWhatLiesInTheBin() {
        put("{'kind':'KEY'}");
        send("DELETE", "/api/pages/" + desk.page().id(), "");
        assertThat(gathered("")).isEmpty();
    }

    @Test
    void keepsAMarkOfOnesOwnUntilNothingHasItAnyMore() {
        var own = "/api/own-marks/" + UUID.randomUUID();
        send("PUT", own, "{'name':'Formula','shape':'RING'}");
        put("{'kind':'OWN','own':'%s'}".formatted(own.substring(own.lastIndexOf('/') + 1)));
        var refused = browser.send(school.student, "DELETE", own, "");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("Take it off there first");
        send("DELETE", "/api/entries/" + entry + "/marks/" + mark, "");
        assertThat(send("DELETE", own, "")).isEqualTo(204);
    }

    @Test
    void showsADatedTaskInItsWeekAndInTheFeedUntilItIsDone() {
        put("{'kind':'TASK','due':'2026-11-27'}");
        assertThat(tasks("2026-11-23")).containsExactly("Does wind change it?");
        assertThat(tasks("2026-11-30")).isEmpty();
        var feed = browser.send(school.student, "POST", "/api/task-feed", "")
                .json()
                .path("path")
                .asString();
        assertThat(feedAt(feed)).contains("UID:" + mark, "SUMMARY:Does wind change it?", "DTSTART;VALUE=DATE:20261127");
        put("{'kind':'TASK','due':'2026-11-27','isDone':true}");
        assertThat(feedAt(feed)).contains("BEGIN:VCALENDAR").doesNotContain(mark.toString());
    }

    @Test
    void closesAFeedForGood() {
        put("{'kind':'TASK','due':'2026-11-27'}");
        var first = browser.send(school.student, "POST", "/api/task-feed", "")
                .json()
                .path("path")
                .asString();
        var second = browser.send(school.student, "POST", "/api/task-feed", "")
                .json()
                .path("path")
                .asString();
        assertThat(browser.get(null, first).status()).isEqualTo(404);
        send("DELETE", "/api/task-feed", "");
        assertThat(browser.get(null, second).status()).isEqualTo(404);
        assertThat(browser.get(null, "/api/task-feed/guessed.ics").status()).isEqualTo(404);
    }

    @Test
    void warnsOfOpenQuestionsBeforeHandingIn() {
        put("{'kind':'QUESTION'}");
        var ready = browser.get(
                        school.student,
                        "/api/readiness?section=" + desk.section() + "&setWork="
                                + school.setWork().id())
                .json();
        assertThat(Browser.texts(ready.path("lines"), "words")).contains("Still open: Does wind change it?");
    }

    private int put(String body) {
        return send("PUT", "/api/entries/" + entry + "/marks/" + mark, body);
    }

    private int send(String method, String path, String body) {
        return browser.send(school.student, method, path, body).status();
    }

    /** What the reader's feed holds for somebody who only knows its address. */
    private String feedAt(String path) {
        try {
            return browser.get(null, path).response().getContentAsString();
        } catch (UnsupportedEncodingException never) {
            throw new IllegalStateException(never);
        }
    }

    private List<String> gathered(String more) {
        return browser.get(
                        school.student, "/api/marks?notebook=" + desk.notebook().id() + more)
                .json()
                .valueStream()
                .map(Object::toString)
                .toList();
    }

    private List<String> tasks(String monday) {
        return browser.get(school.student, "/api/weeks/" + monday)
                .json()
                .path("tasks")
                .valueStream()
                .filter(task -> task.at("/where/notebookId")
                        .asString("")
                        .equals(desk.notebook().id().toString()))
                .map(task -> task.path("words").asString())
                .toList();
    }
}
