package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class CoverageOverHttpTest extends AppTest {
    private School.Desk desk;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
    }

    @Test
    void countsLiveWorkOnly() {
        school.typed(school.student, desk, "An echo", "2.3a");
        var gone = school.typed(school.student, desk, "Far away", "2.3b");
        assertThat(coverage().path("marksCovered").asDouble()).isEqualTo(0.6, within(1e-9));
        browser.send(school.student, "DELETE", "/api/entries/" + gone, "");
        assertThat(coverage().path("marksCovered").asDouble()).isEqualTo(0.3, within(1e-9));
        assertThat(topic("2.3").path("standing").asString()).isEqualTo("This week, 1 bare");
    }

    @Test
    void takesAReflectionAsEvidenceForTheTopicsOfTheWorkItLooksBackOn() {
        var entry = school.typed(school.student, desk, "An echo", "2.3a", "2.3b");
        assertThat(topic("2.3").path("standing").asString()).isEqualTo("One kind only");
        reflect(WeeklySheet.over(0, "I know why we halve it.")
                .drawing(entry)
                .rating(school.node("2.3"), 3)
                .json());
        assertThat(topic("2.3").path("standing").asString()).isEqualTo("Solid");
        assertThat(topic("2.3").path("rating").asInt()).isEqualTo(3);
    }

    @Test
    void refusesAReflectionThatWasChangedElsewhere() {
        var first = WeeklySheet.over(0, "one").json();
        reflect(first);
        assertThat(reflect(first).status()).isEqualTo(200);
        assertThat(reflect(first.replace("one", "two")).status()).isEqualTo(409);
        assertThat(reflect(WeeklySheet.over(1, "two")
                                .rating(school.node("2.3"), 5)
                                .json())
                        .status())
                .isEqualTo(422);
    }

    @Test
    void beginsAPageForATopicInItsSectionWithThePatternThatIsUsedThere() {
        browser.send(
                school.student,
                "PUT",
                "/api/pages/" + desk.page().id() + "/pattern",
                "{'name':'Cue notes','zones':[{'key':'main','role':'MAIN','title':'Notes','prompt':'','kinds':[]}]}");
        var page = begin("2.3");
        assertThat(page.path("sectionId").asString()).isEqualTo(desk.section().toString());
        assertThat(page.path("title").asString()).isEqualTo("Echoes and sonar");
        assertThat(page.at("/pattern/name").asString()).isEqualTo("Cue notes");
        assertThat(Browser.texts(page.path("edge"), "code")).contains("2.3a", "2.3b");
    }

    @Test
    void makesASectionForATopicThatHasNone() {
        var page = begin("2.4");
        assertThat(page.path("section").asString()).isEqualTo("Ultrasound");
        assertThat(Browser.texts(page.path("edge"), "code")).contains("2.4a");
    }

    @Test
    void saysHowEachFigureCameAbout() {
        school.typed(school.student, desk, "An echo", "2.3a");
        var why = coverage().path("why");
        assertThat(why.path("marksCovered").get(1).asString()).isEqualTo("2 Sound: 30 % of 100 %");
        assertThat(why.path("pointsBare").get(0).asString()).isEqualTo("2.3 Echoes and sonar: 2.3b");
        assertThat(topic("2.3").path("why").get(0).asString())
                .startsWith("This week, 1 bare: 1 of 2 points bare (2.3b)");
        assertThat(coverage().path("progress").get(11).path("covered").asDouble())
                .isEqualTo(0.3, within(1e-9));
    }

    private JsonNode begin(String topic) {
        var made = browser.send(
                school.student,
                "PUT",
                "/api/notebooks/%s/topics/%s/pages/%s"
                        .formatted(desk.notebook().id(), school.node(topic), UUID.randomUUID()),
                "");
        return browser.get(
                        school.student,
                        "/api/pages/" + made.json().path("pageId").asString())
                .json();
    }

    @Test
    void countsWhatWasMadeOnTheRuler() {
        var before = madeThisWeek();
        school.typed(school.student, desk, "An echo");
        assertThat(madeThisWeek()).isEqualTo(before + 1);
    }

    private int madeThisWeek() {
        return browser.get(school.student, "/api/ruler")
                .json()
                .path("weeks")
                .valueStream()
                .filter(week -> week.path("monday").asString().equals("2026-11-23"))
                .findFirst()
                .orElseThrow()
                .path("made")
                .asInt();
    }

    private Browser.Answer reflect(String body) {
        return browser.send(
                school.student, "PUT", "/api/notebooks/" + desk.notebook().id() + "/reflections/12", body);
    }

    private JsonNode topic(String code) {
        return coverage()
                .path("topics")
                .valueStream()
                .filter(topic -> topic.path("code").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode coverage() {
        return browser.get(school.student, "/api/notebooks/" + desk.notebook().id() + "/coverage")
                .json();
    }
}
