package notchbook.app;

import static notchbook.tables.Tables.REFLECTION;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import notchbook.app.platform.Job;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** What is drawn into a sheet, weeks that are let go, and what a teacher sees of the sheets of a class. */
class WeeklySheetsTest extends AppTest {
    @Autowired
    private List<Job> jobs;

    @Autowired
    private DSLContext db;

    private School.NewClass of;
    private School.Desk desk;

    @BeforeEach
    void notebook() {
        of = school.newClass();
        desk = school.desk(of.student(), of.schoolClass());
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

    private JsonNode register(int week) {
        return browser.get(of.teacher(), "/api/classes/" + of.schoolClass().id() + "/sheets?week=" + week)
                .json();
    }

    private static String words(int count) {
        return "echo ".repeat(count).strip();
    }

    @Test
    void showWhatIsDrawnInWhereItIsThereAndTheReaders() {
        var mine = school.typed(of.student(), desk, "An echo", "2.3a");
        var binned = school.typed(of.student(), desk, "Away", "2.3a");
        var others = school.typed(school.student, school.desk(school.student), "Not yours");
        browser.send(of.student(), "DELETE", "/api/entries/" + binned, "");
        var onItsWay = UUID.randomUUID();
        assertThat(keep(
                                10,
                                WeeklySheet.over(0, "So.")
                                        .drawing(mine, binned, others)
                                        .making(onItsWay))
                        .status())
                .isEqualTo(200);
        assertThat(sheet(10).at("/answers/0/pieces")).hasSize(3);
        assertThat(Browser.texts(sheet(10).path("drawn"), "id")).containsExactly(mine.toString());
        assertThat(Browser.texts(sheet(10).path("drawn"), "words")).containsExactly("An echo");
    }

    @Test
    void areKeptAsTheyWereBeforeSomebodyWentOnAfterAWhile() {
        keep(10, WeeklySheet.over(0, "Twice the way."));
        keep(10, WeeklySheet.over(1, "Half the way."));
        assertThat(earlier()).as("written in a row").isEmpty();
        restSinceLongAgo();
        keep(10, WeeklySheet.over(2, "All of it."));
        keep(10, WeeklySheet.over(3, "None of it."));
        assertThat(earlier()).hasSize(1);
        assertThat(earlier().at("/0/answers/0/words").asString()).isEqualTo("Half the way.");
        assertThat(earlier().at("/0/version").asInt()).isEqualTo(2);
    }

    private JsonNode earlier() {
        return browser.get(of.student(), path(10) + "/earlier").json();
    }

    /** As if nobody had written on a sheet since. */
    private void restSinceLongAgo() {
        db.update(REFLECTION)
                .set(REFLECTION.CHANGED_AT, Instant.EPOCH)
                .where(REFLECTION.NOTEBOOK_ID.eq(desk.notebook().id()))
                .execute();
    }

    @Test
    void goInWithWhatIsDrawnIntoEachAnswer() {
        var text = school.typed(of.student(), desk, "An echo", "2.3a");
        school.typed(of.student(), desk, "Stays at home", "2.3a");
        keep(12, WeeklySheet.over(0, "So.").drawing(text));
        var version = UUID.randomUUID();
        browser.send(
                of.student(),
                "PUT",
                "/api/hand-ins/" + version,
                Sealing.sheet(desk.notebook().id(), "2026-11-23"));
        var read = browser.get(of.teacher(), "/api/hand-ins/" + version).json();
        assertThat(read.at("/reflections/0/answers/0/shown/0").asString()).isEqualTo(text.toString());
        assertThat(Browser.texts(read.at("/pages/0/entries"), "id")).containsExactly(text.toString());
        assertThat(register(12).at("/students/0/handedIn/id").asString()).isEqualTo(version.toString());
    }

    @Test
    void askForNoNotchOfWhatWasMadeAsAnAnswer() {
        var work = school.typed(of.student(), desk, "An echo");
        var said = school.typed(of.student(), desk, "Said aloud");
        keep(12, WeeklySheet.over(0, "So.").drawing(work).making(said));
        var lines = browser.get(
                        of.student(),
                        "/api/readiness?notebook=" + desk.notebook().id() + "&monday=2026-11-23")
                .json()
                .path("lines");
        assertThat(Browser.texts(lines, "words"))
                .contains("“An echo” is notched nowhere")
                .doesNotContain("“Said aloud” is notched nowhere");
        var unfiled = browser.get(
                        of.student(), "/api/notebooks/" + desk.notebook().id() + "/unfiled")
                .json();
        assertThat(Browser.texts(unfiled, "id")).containsExactly(work.toString());
        var standing = browser.get(of.student(), "/api/standings").json().get(0);
        assertThat(standing.path("unfiled").asInt()).isEqualTo(1);
    }

    @Test
    void canBeLetGoWithAReasonThatIsTheStudentsOwn() {
        assertThat(keep(11, WeeklySheet.over(0).lettingGo("At the dentist.")).status())
                .isEqualTo(200);
        assertThat(sheet(11).path("letGo").asString()).isEqualTo("At the dentist.");
        var line = browser.get(of.student(), "/api/notebooks/" + desk.notebook().id() + "/reflections")
                .json()
                .get(1);
        assertThat(line.path("letGo").asString()).isEqualTo("At the dentist.");
        assertThat(register(11).at("/students/0/letGo").asBoolean()).isTrue();
        assertThat(register(11).toString()).doesNotContain("dentist");
        assertThat(keep(11, WeeklySheet.over(1).lettingGo("a".repeat(201))).detail())
                .contains("200 characters");
    }

    @Test
    void tellTheTeacherWhoWroteAndNotWhat() {
        assertThat(register(12).at("/students/0/isWritten").asBoolean()).isFalse();
        assertThat(register(12).at("/students/0/prompts").asInt()).isEqualTo(3);
        keep(12, WeeklySheet.over(0, words(60), words(10)));
        var line = register(12).at("/students/0");
        assertThat(line.path("isWritten").asBoolean()).isTrue();
        assertThat(line.path("words").asInt()).isEqualTo(70);
        assertThat(line.path("met").asInt()).isEqualTo(1);
        assertThat(register(12).toString()).doesNotContain("echo echo");
        assertThat(browser.get(of.teacher(), path(12)).status()).isEqualTo(404);
    }

    @Test
    void areHandedInAtTheirWeeksEndOnlyWhereTheClassSaysSo() {
        browser.send(
                of.teacher(),
                "PUT",
                "/api/classes/" + of.schoolClass().id() + "/prompt-sets/" + UUID.randomUUID(),
                PromptSetsTest.ofClass("Read", "2026-11-30", true, "Why?"));
        keep(12, WeeklySheet.over(0, "Before the rule."));
        keep(13, WeeklySheet.over(0, "Under the rule.").to("Why?"));
        var sheets = db.fetch(
                "select id, monday from reflection where notebook_id = ?",
                desk.notebook().id());
        var ids = db.fetch("select task_instance from job where task_name = 'sheet-hand-in'")
                .getValues(0, String.class);
        var underRule = sheets.stream()
                .filter(row -> "2026-11-30".equals(row.get(1).toString()))
                .map(row -> row.get(0, UUID.class))
                .findFirst()
                .orElseThrow();
        assertThat(ids).contains(underRule.toString());
        var job = jobs.stream()
                .filter(one -> one.name().equals("sheet-hand-in"))
                .findFirst()
                .orElseThrow();
        sheets.forEach(row -> job.run(row.get(0, UUID.class)));
        job.run(underRule);
        assertThat(register(12).at("/students/0/handedIn/id").isMissingNode()).isTrue();
        assertThat(register(13).at("/students/0/handedIn/version").asInt()).isEqualTo(1);
    }

    @Test
    void ofAnotherClassAreNotThere() {
        assertThat(browser.get(
                                school.teacher,
                                "/api/classes/" + of.schoolClass().id() + "/sheets?week=12")
                        .status())
                .isEqualTo(404);
    }
}
