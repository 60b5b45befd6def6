package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class PatternsTest extends AppTest {
    private static final String MINE = "{'name':'Lab book','zones':["
            + "{'key':'main','role':'MAIN','title':'Method','prompt':'','kinds':[]},"
            + "{'key':'foot','role':'SUMMARY','title':'Conclusion','prompt':'','words':{'least':5,'most':9},'kinds':[]}]}";

    private School.Desk desk;
    private String page;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        page = "/api/pages/" + desk.page().id();
    }

    @Test
    void keepsEveryEntryAndItsZoneWhenThePatternChanges() {
        lay("Cue notes");
        keep("Why halve it?", "cues");
        keep("Once.", "summary");
        lay("Observation");
        assertThat(zones()).containsExactly("cues", "summary");
        lay("Cue notes");
        assertThat(zones()).containsExactly("cues", "summary");
        assertThat(browser.get(school.student, page)
                        .json()
                        .path("pattern")
                        .path("name")
                        .asString())
                .isEqualTo("Cue notes");
    }

    @Test
    void keepsAPatternOfOnesOwnAndAPageAsItWasWithoutIt() {
        var path = "/api/patterns/" + UUID.randomUUID();
        browser.send(school.student, "PUT", path, MINE);
        assertThat(Browser.texts(
                        browser.get(school.student, "/api/patterns").json().path("own"), "pattern"))
                .hasSize(1);
        assertThat(browser.get(school.classmate, "/api/patterns").json().path("own"))
                .isEmpty();
        browser.send(school.student, "PUT", page + "/pattern", MINE);
        browser.send(school.student, "DELETE", path, "");
        assertThat(Browser.texts(
                        browser.get(school.student, page).json().path("pattern").path("zones"), "title"))
                .containsExactly("Method", "Conclusion");
    }

    @Test
    void saysWhyAPatternCantBe() {
        var answer = browser.send(school.student, "PUT", page + "/pattern", "{'name':'Empty','zones':[]}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isEqualTo("A pattern has 1 to 12 zones.");
    }

    @Test
    void keepsThePaperOfAPage() {
        var answer =
                browser.send(school.student, "PUT", page + "/paper", "{'lines':'SQUARED','spacingMm':5,'tint':'SAGE'}");
        assertThat(answer.json().path("paper").path("spacingMm").asInt()).isEqualTo(5);
        assertThat(browser.get(school.student, page)
                        .json()
                        .path("paper")
                        .path("lines")
                        .asString())
                .isEqualTo("SQUARED");
    }

    @Test
    void checksAPatternBeforeHandingIn() {
        browser.send(school.student, "PUT", page + "/pattern", MINE);
        keep("Too short.", "foot");
        var ready = browser.get(
                        school.student,
                        "/api/readiness?section=" + desk.section() + "&setWork="
                                + school.setWork().id())
                .json();
        assertThat(Browser.texts(ready.path("lines"), "words"))
                .contains("“Conclusion” on “Timing an echo” has 2 words, it asks for 5 to 9");
    }

    @Test
    void saysInTheListThatARecordingIsMissing() {
        var explained =
                "{'name':'Said','zones':[{'key':'say','role':'BOX','title':'Explain it','prompt':'','kinds':['RECORDING']}]}";
        browser.send(school.student, "PUT", page + "/pattern", explained);
        keep("Written only.", "say");
        var line = browser.get(
                        school.student, "/api/notebooks/" + desk.notebook().id())
                .json()
                .at("/pages/0");
        assertThat(line.at("/missing/0").asString()).isEqualTo("“Explain it” has no recording");
    }

    private void lay(String name) {
        for (JsonNode pattern :
                browser.get(school.student, "/api/patterns").json().path("standard")) {
            if (pattern.path("name").asString().equals(name)) {
                assertThat(browser.send(school.student, "PUT", page + "/pattern", pattern.toString())
                                .status())
                        .isEqualTo(200);
            }
        }
    }

    private void keep(String words, String zone) {
        var body = "{'baseVersion':0,'pageId':'%s','zone':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), zone, School.doc(words));
        assertThat(browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), body)
                        .status())
                .isEqualTo(200);
    }

    private List<String> zones() {
        return Browser.texts(browser.get(school.student, page).json().path("entries"), "zone");
    }
}
