package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Looking back on one piece of work: an entry, several, a page or a sealed version. */
class LookBacksTest extends AppTest {
    private static final String FOUR =
            "['What is it?','What did you learn from doing it?','What worked, and what did not?','Why does that matter?']";

    private School.Desk desk;
    private UUID echo;
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void piece() {
        desk = school.desk(school.student);
        echo = school.typed(school.student, desk, "An echo", "2.3a");
    }

    private String path(UUID one) {
        return "/api/notebooks/" + desk.notebook().id() + "/look-backs/" + one;
    }

    private static String body(String on, int baseVersion, String first) {
        var none = "{'words':'','given':'','pieces':[],'made':[]}";
        return "{'on':%s,'baseVersion':%d,'questions':%s,'answers':[%s,%s,%s,%s]}"
                .formatted(on, baseVersion, FOUR, none.replaceFirst("''", "'" + first + "'"), none, none, none);
    }

    /** Looking back on a page, as a device sends it for the first time. */
    static String onPage(String page) {
        return body("{'entries':[],'page':'%s'}".formatted(page), 0, "It shows an echo.");
    }

    private static String entries(UUID... all) {
        return "{'entries':%s}"
                .formatted(Arrays.stream(all).map(one -> "'" + one + "'").toList());
    }

    private Browser.Answer keep(UUID one, String body) {
        return browser.send(school.student, "PUT", path(one), body);
    }

    private JsonNode onPage() {
        return browser.get(school.student, "/api/pages/" + desk.page().id() + "/look-backs")
                .json();
    }

    private JsonNode kindsOf(String code) {
        var points = browser.get(
                        school.student, "/api/notebooks/" + desk.notebook().id() + "/coverage")
                .json()
                .findValues("points");
        return points.stream()
                .flatMap(all -> all.valueStream())
                .filter(point -> code.equals(point.path("code").asString("")))
                .findFirst()
                .orElseThrow()
                .path("kinds");
    }

    private UUID version() {
        var version = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/hand-ins/" + version,
                Sealing.section(desk.section(), school.setWork().id()));
        return version;
    }

    @Test
    void beginWithTheFourQuestionsBesideThePiece() {
        var begun = browser.get(school.student, path(id) + "?entries=" + echo).json();
        assertThat(begun.path("title").asString()).isEqualTo("An echo");
        assertThat(begun.path("prompts")).hasSize(4);
        assertThat(Browser.texts(begun.path("piece"), "id")).containsExactly(echo.toString());
        assertThat(onPage()).as("nothing is kept by looking").isEmpty();
    }

    @Test
    void standBesideTheirPieceAndCountForItsPoints() {
        assertThat(keep(id, body(entries(echo), 0, "A timed echo.")).status()).isEqualTo(200);
        assertThat(Browser.texts(onPage(), "title")).containsExactly("An echo");
        assertThat(Browser.texts(onPage(), "words")).containsExactly("A timed echo.");
        assertThat(kindsOf("2.3a").toString()).contains("REFLECTION");
        assertThat(browser.get(school.student, path(id))
                        .json()
                        .at("/answers/0/words")
                        .asString())
                .isEqualTo("A timed echo.");
    }

    @Test
    void countForNothingWhileTheyAreEmpty() {
        keep(id, body(entries(echo), 0, ""));
        assertThat(kindsOf("2.3a").toString()).doesNotContain("REFLECTION");
    }

    @Test
    void goToAPageSeveralEntriesOrAVersion() {
        var second = school.typed(school.student, desk, "Another echo", "2.3b");
        var page = UUID.randomUUID();
        keep(page, body("{'entries':[],'page':'%s'}".formatted(desk.page().id()), 0, "The page."));
        keep(id, body(entries(echo, second), 0, "Both."));
        var version = UUID.randomUUID();
        assertThat(keep(version, body("{'entries':[],'version':'%s'}".formatted(version()), 0, "As sent."))
                        .status())
                .isEqualTo(200);
        assertThat(Browser.texts(onPage(), "title")).containsExactlyInAnyOrder("Timing an echo", "An echo and 1 more");
        var sealed = browser.get(school.student, path(version)).json();
        assertThat(sealed.path("title").asString()).endsWith("version 1");
        assertThat(Browser.texts(sealed.path("piece"), "id")).contains(echo.toString());
    }

    @Test
    void keepTheirWordsWhenThePieceIsInTheBin() {
        keep(id, body(entries(echo), 0, "A timed echo."));
        browser.send(school.student, "DELETE", "/api/entries/" + echo, "");
        var left = browser.get(school.student, path(id)).json();
        assertThat(left.path("piece")).isEmpty();
        assertThat(left.path("title").asString()).isEqualTo("An echo");
        assertThat(left.at("/answers/0/words").asString()).isEqualTo("A timed echo.");
    }

    @Test
    void goWithTheirPieceWhereThatIsWanted() {
        keep(id, body(entries(echo), 0, "A timed echo."));
        assertThat(sent(false)).doesNotContain("A timed echo.");
        assertThat(sent(true)).contains("Looking back on “An echo”", "A timed echo.");
    }

    private String sent(boolean isWanted) {
        return browser.get(
                        school.student, "/api/readiness/preview?section=" + desk.section() + "&lookBacks=" + isWanted)
                .json()
                .path("reflections")
                .toString();
    }

    @Test
    void areDeletedAndComeBack() {
        keep(id, body(entries(echo), 0, "A timed echo."));
        browser.send(school.student, "DELETE", "/api/look-backs/" + id, "");
        assertThat(onPage()).isEmpty();
        assertThat(kindsOf("2.3a").toString()).doesNotContain("REFLECTION");
        browser.send(school.student, "POST", "/api/look-backs/" + id + "/restore", "");
        assertThat(onPage()).hasSize(1);
    }

    @Test
    void areRefusedWhereTwoDevicesChangedThem() {
        keep(id, body(entries(echo), 0, "One."));
        assertThat(keep(id, body(entries(echo), 0, "One.")).status()).isEqualTo(200);
        assertThat(keep(id, body(entries(echo), 0, "Two.")).status()).isEqualTo(409);
        assertThat(keep(id, body(entries(echo), 1, "Two.")).status()).isEqualTo(200);
    }

    @Test
    void goByAnotherSetThatAsksForNoOtherPiece() {
        var of = school.newClass();
        var page = school.desk(of.student(), of.schoolClass());
        var piece = school.typed(of.student(), page, "An echo");
        for (var asks : new String[] {"WORDS", "PIECE"}) {
            browser.send(
                    of.student(),
                    "PUT",
                    "/api/prompt-sets/" + UUID.randomUUID(),
                    PromptSetsTest.set(asks, "2026-11-23", "Why?").replace("'WORDS','open", "'" + asks + "','open"));
        }
        var begun = "/api/notebooks/" + page.notebook().id() + "/look-backs/" + id + "?entries=" + piece;
        var sets = browser.get(of.student(), begun).json().path("sets");
        assertThat(Browser.texts(sets, "name")).containsExactly("WORDS");
        var asked = browser.get(
                        of.student(), begun + "&set=" + sets.get(0).path("id").asString())
                .json();
        assertThat(Browser.texts(asked.path("prompts"), "question")).containsExactly("Why?");
    }

    @Test
    void areRefusedWithWhatIsThereWhereTheyAnswerOtherQuestions() {
        keep(id, body(entries(echo), 0, "One."));
        var other = body(entries(echo), 1, "Two.").replace("What is it?", "What was it?");
        assertThat(keep(id, other).status()).isEqualTo(409);
    }

    @ParameterizedTest
    @CsvSource({"entries, 404", "page, 404", "version, 404", "none, 422"})
    void areOfOnesOwnWorkOnly(String what, int status) {
        var others = school.desk(school.classmate);
        var on =
                switch (what) {
                    case "entries" -> entries(school.typed(school.classmate, others, "Not yours"));
                    case "page" ->
                        "{'entries':[],'page':'%s'}".formatted(others.page().id());
                    case "version" -> "{'entries':[],'version':'%s'}".formatted(UUID.randomUUID());
                    default -> "{'entries':[]}";
                };
        assertThat(keep(UUID.randomUUID(), body(on, 0, "Mine?")).status()).isEqualTo(status);
    }
}
