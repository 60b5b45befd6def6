package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** A week as a student sees it. The tests' day is Wednesday of teaching week 12. */
class WeeksTest extends AppTest {
    private School.Desk desk;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
    }

    private static List<String> names(JsonNode day) {
        return day.path("made").findValues("name").stream()
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void showTheFiveSchoolDaysAndAWeekendDayOnlyWhenSomethingWasMadeThere() {
        make("A", "2026-10-05T09:00:00Z");
        make("B", "2026-10-10T23:59:59Z");
        var week = week("2026-10-05");
        assertThat(Browser.texts(week.path("days"), "day"))
                .containsExactly("2026-10-05", "2026-10-06", "2026-10-07", "2026-10-08", "2026-10-09", "2026-10-10");
        assertThat(names(week.path("days").get(5))).containsExactly("B");
    }

    @Test
    void putWorkOnTheDayItWasMadeInTheOrderItWasMade() {
        make("second", "2026-10-14T10:00:00Z");
        make("first", "2026-10-14T08:00:00Z");
        assertThat(names(week("2026-10-12").path("days").get(2))).containsExactly("first", "second");
    }

    @Test
    void openByAnyOfItsDays() {
        assertThat(week("2026-11-25").path("number").asInt()).isEqualTo(12);
        assertThat(week("2026-11-29").path("monday").asString()).isEqualTo("2026-11-23");
    }

    @Test
    void listWhatIsNotchedNowhereAndNothingElse() {
        var loose = make("Loose", "2026-11-24T10:00:00Z");
        var filed = make("Filed", "2026-11-24T11:00:00Z");
        var binned = make("Binned", "2026-11-24T12:00:00Z");
        make("", "2026-11-24T13:00:00Z");
        browser.send(school.student, "PUT", "/api/entries/" + filed + "/notches/" + school.node("2.3a"), "");
        browser.send(school.student, "DELETE", "/api/entries/" + binned, "");
        assertThat(unfiled()).contains(loose.toString()).doesNotContain(filed.toString(), binned.toString());
    }

    @Test
    void leaveOutNotesThatStandBesideAnotherEntry() {
        var note = make("What it is about", "2026-11-24T10:00:00Z");
        var cue = UUID.randomUUID();
        var body =
                "{'baseVersion':0,'pageId':'%s','zone':'cues','beside':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL','madeAt':'2026-11-24T10:01:00Z'}"
                        .formatted(desk.page().id(), note, School.doc("Why?"));
        browser.send(school.student, "PUT", "/api/entries/" + cue, body);
        assertThat(unfiled()).doesNotContain(cue.toString());
        assertThat(week("2026-11-23").path("days").toString())
                .contains(note.toString())
                .doesNotContain(cue.toString());
    }

    @Test
    void sayWhatToCoverNextWithItsReason() {
        var next = week("2026-11-23").path("next");
        assertThat(Browser.texts(next, "code")).contains("2.3");
        assertThat(Browser.texts(next, "reason"))
                .anySatisfy(reason -> assertThat(reason).contains("Nothing yet"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"2020-01-06", "2027-08-02", "2026-13-01", "monday"})
    void areThereOnlyInTheSchoolYear(String monday) {
        assertThat(browser.get(school.student, "/api/weeks/" + monday).status()).isEqualTo(404);
    }

    private UUID make(String words, String madeAt) {
        var id = UUID.randomUUID();
        var content = words.isEmpty() ? "{'type':'doc'}" : School.doc(words);
        var body =
                "{'baseVersion':0,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL','madeAt':'%s'}"
                        .formatted(desk.page().id(), content, madeAt);
        assertThat(browser.send(school.student, "PUT", "/api/entries/" + id, body)
                        .status())
                .isEqualTo(200);
        return id;
    }

    private JsonNode week(String day) {
        return browser.get(school.student, "/api/weeks/" + day).json();
    }

    private List<String> unfiled() {
        return Browser.texts(week("2026-11-23").path("unfiled"), "id");
    }
}
