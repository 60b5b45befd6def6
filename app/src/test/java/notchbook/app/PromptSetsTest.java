package notchbook.app;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.syllabus.SyllabusFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Questions of weekly sheets: a student's own and a class's, from a week on. */
class PromptSetsTest extends AppTest {
    /** The Monday of week 12, in which it is now. */
    private static final String WEEK_12 = "2026-11-23";

    private static final String WEEK_13 = "2026-11-30";

    @Autowired
    private Syllabi syllabi;

    private School.NewClass of;
    private School.Desk desk;

    @BeforeEach
    void notebook() {
        of = school.newClass();
        desk = school.desk(of.student(), of.schoolClass());
    }

    /** A student's own set as a device sends it. */
    static String set(String name, String from, String... questions) {
        return "{'name':'%s','from':'%s','prompts':[%s]}".formatted(name, from, prompts("WORDS", questions));
    }

    static String ofClass(String name, String from, boolean isRead, String... questions) {
        return set(name, from, questions).replaceFirst("\\{", "{'isRead':" + isRead + ",");
    }

    private static String prompts(String asks, String... questions) {
        return Stream.of(questions)
                .map(question -> "{'question':'%s','range':{'least':1,'most':50},'asks':'%s','openings':['Because …']}"
                        .formatted(question, asks))
                .collect(joining(","));
    }

    private Browser.Answer own(UUID id, String body) {
        return browser.send(of.student(), "PUT", "/api/prompt-sets/" + id, body);
    }

    private Browser.Answer ofClass(UUID id, String body) {
        return browser.send(
                of.teacher(), "PUT", "/api/classes/" + of.schoolClass().id() + "/prompt-sets/" + id, body);
    }

    private String path(int week) {
        return "/api/notebooks/" + desk.notebook().id() + "/reflections/" + week;
    }

    private JsonNode sheet(int week) {
        return browser.get(of.student(), path(week)).json();
    }

    private Browser.Answer keep(int week, WeeklySheet sheet) {
        return browser.send(of.student(), "PUT", path(week), sheet.json());
    }

    private Iterable<String> asked(int week) {
        return Browser.texts(sheet(week).path("prompts"), "question");
    }

    @Test
    void askFromTheirWeekOnTheClassBeforeOnesOwn() {
        own(UUID.randomUUID(), set("Mine", "2026-11-16", "What was hard?"));
        assertThat(asked(11)).containsExactly("What was hard?");
        assertThat(asked(10)).hasSize(3);
        var classSet = UUID.randomUUID();
        ofClass(classSet, ofClass("Class", WEEK_12, false, "What did you measure?", "Why so?"));
        assertThat(asked(12)).containsExactly("What did you measure?", "Why so?");
        assertThat(sheet(12).path("set").asString()).isEqualTo("Class");
        assertThat(sheet(12).at("/prompts/0/openings/0").asString()).isEqualTo("Because …");
        assertThat(asked(11)).containsExactly("What was hard?");
        browser.send(of.teacher(), "DELETE", "/api/classes/" + of.schoolClass().id() + "/prompt-sets/" + classSet, "");
        assertThat(asked(12)).containsExactly("What was hard?");
    }

    @Test
    void leaveWrittenSheetsAsTheyWere() {
        keep(12, WeeklySheet.over(0, "I know why we halve it."));
        own(UUID.randomUUID(), set("Mine", WEEK_12, "What was hard?"));
        assertThat(asked(12)).hasSize(3);
        assertThat(sheet(12).path("set").isMissingNode()
                        || sheet(12).path("set").isNull())
                .isTrue();
        assertThat(keep(12, WeeklySheet.over(1, "I still know.")).status()).isEqualTo(200);
    }

    @Test
    void refuseWhatWasWrittenToOtherQuestionsUntilItIsPutTogether() {
        own(UUID.randomUUID(), set("Mine", WEEK_12, "What was hard?"));
        assertThat(keep(12, WeeklySheet.over(0, "To the old ones.")).status()).isEqualTo(409);
        assertThat(keep(12, WeeklySheet.over(0, "Halving it.").to("What was hard?"))
                        .status())
                .isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "RATING, 3,    200",
        "RATING, 5,    422",
        "NUMBER, 343,  200",
        "NUMBER, fast, 422",
        "PIECE,  x, 422",
        "TOPIC,  2.3,  422",
        "WORDS,  '',   200",
    })
    void takeOnlyWhatTheyAskFor(String asks, String given, int status) {
        var body = set("Mine", WEEK_12, "How sure?").replace("'WORDS'", "'" + asks + "'");
        assertThat(own(UUID.randomUUID(), body).status()).isEqualTo(204);
        var kept = keep(12, WeeklySheet.over(0, "So.").to("How sure?").giving(given));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(status);
    }

    @Test
    void keepTheTopicThatWasNamedInAnotherEdition() {
        own(UUID.randomUUID(), set("Mine", WEEK_12, "Which topic?").replace("'WORDS'", "'TOPIC'"));
        keep(
                12,
                WeeklySheet.over(0, "That one.")
                        .to("Which topic?")
                        .giving(school.node("2.3").toString()));
        var next = syllabi.read(Optional.empty(), "NB-412", "Next", SyllabusFile.ofTable("""
                code,parent,title,statement,weight
                2,,Sound,,
                2.3,2,Echoes and sonar,,100
                2.3a,2.3,,Echo as reflection,
                """.getBytes()));
        var moved = browser.send(
                of.student(),
                "PUT",
                "/api/notebooks/" + desk.notebook().id() + "/moves/" + UUID.randomUUID(),
                "{'editionId':'%s','examYear':2028,'tier':'CORE'}".formatted(next.id()));
        assertThat(moved.status()).as(moved.detail()).isBetween(200, 204);
        var topic = syllabi.edition(next.id(), desk.notebook().id())
                .topics()
                .findFirst()
                .orElseThrow();
        assertThat(sheet(12).at("/answers/0/given").asString())
                .isEqualTo(topic.id().toString());
    }

    @Test
    void goAlongWithWhatIsHandedIn() {
        own(UUID.randomUUID(), set("Mine", WEEK_12, "Which topic?").replace("'WORDS'", "'TOPIC'"));
        keep(
                12,
                WeeklySheet.over(0, "It came back.")
                        .to("Which topic?")
                        .giving(school.node("2.3").toString()));
        var version = UUID.randomUUID();
        var sealed = browser.send(of.student(), "PUT", "/api/hand-ins/" + version, """
                {'picked':{'notebook':'%s','monday':'%s','pages':[]},'purpose':'HAND_IN','with':[],'words':'',
                'along':{'marks':false,'cues':false,'earlier':false,'lookBacks':false},'fitted':false,'withMissing':true,'unasked':true}""".formatted(
                        desk.notebook().id(), WEEK_12));
        assertThat(sealed.status()).as(sealed.detail()).isEqualTo(200);
        var answer =
                browser.get(of.teacher(), "/api/hand-ins/" + version).json().at("/reflections/0/answers/0");
        assertThat(answer.path("question").asString()).isEqualTo("Which topic?");
        assertThat(answer.path("text").asString()).isEqualTo("2.3 Echoes and sonar\n\nIt came back.");
        assertThat(answer.path("words").asInt()).isEqualTo(3);
    }

    @Test
    void sayThatSheetsAreReadBeforeTheyAreWritten() {
        var id = UUID.randomUUID();
        assertThat(ofClass(id, ofClass("Read", WEEK_12, true, "Why?")).detail()).contains("before they write");
        assertThat(ofClass(id, ofClass("Read", WEEK_13, true, "Why?")).status()).isEqualTo(204);
        assertThat(sheet(12).path("readers")).isEmpty();
        assertThat(Browser.texts(sheet(13), "readers")).isNotNull();
        assertThat(sheet(13).path("readers").get(0).asString())
                .isEqualTo(of.teacher().fullName());
        assertThat(ofClass(id, ofClass("Read", WEEK_12, true, "Why?")).status())
                .as("not for earlier weeks afterwards")
                .isEqualTo(422);
        assertThat(ofClass(id, ofClass("Read", WEEK_13, true, "Why so?")).status())
                .isEqualTo(204);
    }

    @Test
    void areRefusedInWordsWhereNobodyCouldAnswerThem() {
        for (var body : new String[] {
            set("Mine", "2026-11-24", "Why?"),
            set("", WEEK_12, "Why?"),
            set("Mine", WEEK_12),
            set("Mine", WEEK_12, "Why?", "Why?"),
        }) {
            var answer = own(UUID.randomUUID(), body);
            assertThat(answer.status()).as(body).isEqualTo(422);
            assertThat(answer.detail()).isNotBlank();
        }
    }

    @Test
    void stayTheirOwners() {
        var id = UUID.randomUUID();
        own(id, set("Mine", WEEK_12, "Why?"));
        assertThat(browser.send(school.student, "PUT", "/api/prompt-sets/" + id, set("Yours", WEEK_12, "Who?"))
                        .status())
                .isEqualTo(404);
        assertThat(ofClass(id, ofClass("Class", WEEK_12, false, "Who?")).status())
                .isEqualTo(404);
        assertThat(asked(12)).containsExactly("Why?");
    }
}
