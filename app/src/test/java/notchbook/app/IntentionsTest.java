package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What a weekly sheet means to do, asked about on the next one. */
class IntentionsTest extends AppTest {
    private School.Desk desk;

    @BeforeEach
    void notebook() {
        desk = school.desk(school.student);
    }

    private String path(int week) {
        return "/api/notebooks/" + desk.notebook().id() + "/reflections/" + week;
    }

    private JsonNode sheet(int week) {
        return browser.get(school.student, path(week)).json();
    }

    private Browser.Answer keep(int week, WeeklySheet sheet) {
        return browser.send(school.student, "PUT", path(week), sheet.json());
    }

    @Test
    void areAskedAboutOnTheNextSheetAndAnswered() {
        assertThat(sheet(10).path("asked").isMissingNode()
                        || sheet(10).path("asked").isNull())
                .isTrue();
        keep(9, WeeklySheet.over(0).meaning("Time twenty claps"));
        assertThat(sheet(9).at("/resolve/next").asString()).isEqualTo("Time twenty claps");
        assertThat(sheet(12).at("/asked/words").asString()).isEqualTo("Time twenty claps");
        assertThat(sheet(12).at("/asked/week").asInt()).isEqualTo(9);
        var week = browser.get(
                school.student, "/api/weeks/" + sheet(12).path("monday").asString());
        assertThat(Browser.texts(week.json().path("intentions"), "words")).contains("Time twenty claps");

        keep(11, WeeklySheet.over(0).resolving("{'outcome':'PARTLY','about':'Ten of them.','next':''}"));
        assertThat(sheet(11).at("/resolve/outcome").asString()).isEqualTo("PARTLY");
        assertThat(sheet(11).at("/resolve/about").asString()).isEqualTo("Ten of them.");
        assertThat(sheet(12).path("asked").path("words").asString(""))
                .as("that sheet meant nothing")
                .isEmpty();
    }

    @Test
    void stayWhereADeviceSendsASheetWithoutThem() {
        keep(9, WeeklySheet.over(0).meaning("Time twenty claps"));
        keep(9, WeeklySheet.over(1, "Timed."));
        assertThat(sheet(9).at("/answers/0/words").asString()).isEqualTo("Timed.");
        assertThat(sheet(9).at("/resolve/next").asString()).isEqualTo("Time twenty claps");
    }

    @Test
    void areNoEvidenceByThemselves() {
        var topics = browser.get(
                        school.student, "/api/notebooks/" + desk.notebook().id() + "/coverage")
                .json()
                .path("topics")
                .toString();
        keep(11, WeeklySheet.over(0).meaning("Time twenty claps"));
        assertThat(browser.get(
                                school.student,
                                "/api/notebooks/" + desk.notebook().id() + "/coverage")
                        .json()
                        .path("topics")
                        .toString())
                .isEqualTo(topics);
    }

    @Test
    void goAlongWithASheetThatIsHandedIn() {
        keep(
                11,
                WeeklySheet.over(0, "We timed it.")
                        .resolving("{'outcome':'NOT','about':'It rained.','next':'Ask about lenses'}"));
        var monday = sheet(11).path("monday").asString();
        var version = UUID.randomUUID();
        var sealed = browser.send(school.student, "PUT", "/api/hand-ins/" + version, """
                {'picked':{'notebook':'%s','monday':'%s','pages':[]},'setWorkId':'%s','purpose':'HAND_IN','with':[],'words':'',
                'along':{'marks':false,'cues':false,'earlier':false,'lookBacks':false},'fitted':false,'withMissing':true}""".formatted(
                        desk.notebook().id(), monday, school.setWork().id()));
        assertThat(sealed.status()).as(sealed.detail()).isEqualTo(200);
        var answers =
                browser.get(school.student, "/api/hand-ins/" + version).json().at("/reflections/0/answers");
        assertThat(Browser.texts(answers, "text"))
                .containsExactly("We timed it.", "", "", "not done: It rained.", "Ask about lenses");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{'outcome':'MAYBE','about':'','next':''}", "{'about':'','next':'LONG'}"})
    void areRefusedInWords(String resolve) {
        var answer = keep(11, WeeklySheet.over(0).resolving(resolve.replace("LONG", "a".repeat(501))));
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.detail()).isNotBlank();
    }

    @Test
    void stayAsTheyAreWhereTheSameSheetIsSentTwice() {
        keep(11, WeeklySheet.over(0).meaning("Draw"));
        var again = keep(11, WeeklySheet.over(0).meaning("Draw"));
        assertThat(again.json().path("version").asInt()).isEqualTo(1);
        assertThat(keep(11, WeeklySheet.over(0).meaning("Plot")).status()).isEqualTo(409);
    }
}
