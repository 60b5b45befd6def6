package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What is sent besides a section that was asked for: pages, sheets, drafts, unasked, by two; and how it is judged. */
class SentWorkTest extends AppTest {
    private static final String JUDGED = """
            {'classId':'%s','title':'Judged','instructions':'','topic':'%s','due':'%s',
            'asked':{'kinds':['PHOTO'],'wordsLeast':5,'wordsMost':9,'withSources':true},
            'criteria':[{'name':'Measures','levels':[{'words':'once','points':0},{'words':'often','points':4}]},
            {'name':'=2+2','levels':[{'words':'no','points':0},{'words':'yes','points':3}]}]}""";

    @Autowired
    private People people;

    @Autowired
    private JdbcClient db;

    private School.Desk desk;
    private UUID entry;
    private UUID setWork;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        entry = school.typed(school.student, desk, "An echo is a reflected sound", "2.3a");
        setWork = UUID.randomUUID();
        set(LocalDate.of(2020, 1, 1));
    }

    /** A test may have put somebody out of the class. */
    @AfterEach
    void allAreBack() {
        people.keep(school.schoolClass, List.of(school.student.id(), school.classmate.id(), school.teacher.id()));
    }

    @Test
    void sendsChosenPagesUnaskedToTheTeachersOfTheClass() {
        var id = sent(school.student, Sealing.unasked(desk.page().id()));
        var line = get(school.teacher, "/api/classes/" + school.schoolClass.id() + "/unasked")
                .path("students")
                .valueStream()
                .filter(one -> one.path("latest").path("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(line.path("title").asString()).isEqualTo("Timing an echo");
        var version = get(school.teacher, "/api/hand-ins/" + id);
        assertThat(version.path("to").path("setWork").isMissingNode()).isTrue();
        assertThat(version.path("pages").toString()).contains("An echo is a reflected sound");
        assertThat(get(school.student, "/api/hand-ins/unasked").toString()).contains(id.toString());
    }

    @Test
    void countsVersionsOfTheSamePagesAsTheSameWork() {
        var first = sent(school.student, Sealing.unasked(desk.page().id()));
        teacher(first, "POST", "/open", "");
        teacher(first, "POST", "/sent-back", "");
        var second = sent(school.student, Sealing.unasked(desk.page().id()));
        var versions = get(school.student, "/api/hand-ins/" + second).path("versions");
        assertThat(versions.valueStream()
                        .map(one -> one.path("version").asInt())
                        .toList())
                .containsExactly(2, 1);
        assertThat(status(school.student, "/api/hand-ins/" + second + "/changes?since=" + first))
                .isEqualTo(200);
    }

    @Test
    void saysWhatToChooseWhereNothingWasPicked() {
        for (var path : List.of("/api/readiness", "/api/readiness/preview")) {
            assertThat(browser.get(school.student, path).detail()).startsWith("Choose what to hand in");
        }
    }

    @Test
    void takesPagesOfOneNotebookOnly() {
        var other = school.desk(school.student).page().id();
        var both =
                "/api/readiness?unasked=true&pages=%s,%s".formatted(desk.page().id(), other);
        assertThat(browser.get(school.student, both).detail()).contains("two notebooks");
        assertThat(status(
                        school.classmate,
                        "/api/readiness?unasked=true&pages=" + desk.page().id()))
                .isEqualTo(404);
    }

    @Test
    void sendsTheSheetOfAWeekWithTheWorkThatItMeans() {
        var other = school.typed(school.student, desk, "Not chosen", "2.3a");
        var monday = "2026-11-16";
        var check = "/api/readiness?unasked=true&monday=%s&notebook=%s"
                .formatted(monday, desk.notebook().id());
        assertThat(browser.get(school.student, check).detail()).isEqualTo("Nothing is written on this sheet yet.");
        browser.send(
                school.student,
                "PUT",
                "/api/notebooks/" + desk.notebook().id() + "/reflections/11",
                WeeklySheet.over(0, "I halved it.").drawing(entry).json());
        var body = Sealing.unasked(desk.page().id())
                .replace(
                        "{'pages':['%s']}".formatted(desk.page().id()),
                        "{'pages':[],'notebook':'%s','monday':'%s'}"
                                .formatted(desk.notebook().id(), monday));
        var version = get(school.teacher, "/api/hand-ins/" + sent(school.student, body));
        assertThat(version.path("reflections").toString()).contains("I halved it.");
        assertThat(version.path("pages").toString()).contains(entry.toString()).doesNotContain(other.toString());
    }

    @Test
    void letsADraftBeRemarkedOnAndCountItAsNothing() {
        var draft = sent(school.student, Sealing.draft(desk.section(), setWork));
        var line = line(school.student);
        assertThat(line.path("latest").isMissingNode()).isTrue();
        assertThat(line.path("draft").path("id").asString()).isEqualTo(draft.toString());
        teacher(draft, "POST", "/open", "");
        assertThat(teacher(draft, "POST", "/checked", "").detail()).startsWith("A draft is looked at");
        var remark = "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'How far?'}".formatted(entry);
        assertThat(teacher(draft, "PUT", "/remarks/" + UUID.randomUUID(), remark)
                        .status())
                .isEqualTo(204);
        teacher(draft, "POST", "/sent-back", "");
        var lines = get(school.student, "/api/readiness?section=%s&setWork=%s".formatted(desk.section(), setWork))
                .path("lines");
        assertThat(Browser.texts(lines, "words"))
                .contains("Remark 1, “How far?”: nothing changed there, and it has no answer");
        var version = sent(school.student, Sealing.section(desk.section(), setWork));
        assertThat(get(school.student, "/api/hand-ins/" + version)
                        .path("version")
                        .asInt())
                .isEqualTo(1);
        assertThat(line(school.student).path("draft").isMissingNode()).isTrue();
    }

    @Test
    void handsInWhileADraftIsStillWithTheTeacher() {
        sent(school.student, Sealing.draft(desk.section(), setWork));
        assertThat(seal(school.student, Sealing.draft(desk.section(), setWork)).status())
                .isEqualTo(409);
        sent(school.student, Sealing.section(desk.section(), setWork));
    }

    @Test
    void standsWithBothWhoMadeIt() {
        var body = Sealing.section(desk.section(), setWork)
                .replace("'with':[]", "'with':['%s']".formatted(school.classmate.id()));
        var picture = school.photo(school.student, desk, EntryWidth.FULL);
        assertThat(status(school.classmate, "/api/media/" + picture)).isEqualTo(404);
        var id = sent(school.student, body);
        var version = get(school.classmate, "/api/hand-ins/" + id);
        assertThat(version.path("student").asString())
                .isEqualTo(school.student.fullName() + " and " + school.classmate.fullName());
        assertThat(line(school.classmate).path("latest").path("id").asString()).isEqualTo(id.toString());
        assertThat(status(school.classmate, "/api/media/" + picture)).isEqualTo(200);
        assertThat(get(school.teacher, "/api/hand-ins/" + id + "/seal")
                        .path("holds")
                        .asBoolean())
                .isTrue();
        assertThat(browser.send(school.classmate, "DELETE", "/api/hand-ins/" + id, "")
                        .status())
                .as("only the one who sent it takes it back")
                .isEqualTo(404);
    }

    @Test
    void namesOnlyClassmatesAsMakers() {
        var body = Sealing.section(desk.section(), setWork)
                .replace("'with':[]", "'with':['%s']".formatted(school.teacher.id()));
        assertThat(seal(school.student, body).status()).isEqualTo(404);
    }

    @Test
    void saysAWordToTheTeacherTypedAndAloud() {
        var sound = UUID.randomUUID();
        browser.upload(school.student, sound, "word.wav", Samples.wav(1));
        var body = Sealing.section(desk.section(), setWork)
                .replace("'words':''", "'words':'Is this enough?','soundId':'%s'".formatted(sound));
        var id = sent(school.student, body);
        assertThat(line(school.student).path("latest").path("word").asString()).isEqualTo("Is this enough?");
        assertThat(get(school.teacher, "/api/hand-ins/" + id)
                        .path("wordSound")
                        .path("id")
                        .asString())
                .isEqualTo(sound.toString());
        assertThat(status(school.teacher, "/api/media/" + sound)).isEqualTo(200);
        assertThat(status(school.otherTeacher, "/api/media/" + sound)).isEqualTo(404);
    }

    @Test
    void keepsMarksAndEarlierWordsAtHomeUnlessTheyAreWanted() {
        browser.send(
                school.student,
                "PUT",
                "/api/entries/%s/marks/%s".formatted(entry, UUID.randomUUID()),
                "{'kind':'KEY'}");
        change("An echo comes back");
        var plain = "/api/readiness/preview?section=" + desk.section();
        assertThat(get(school.student, plain).path("pages").toString())
                .doesNotContain("reflected")
                .contains("\"marks\":[]");
        var wanted = get(school.student, plain + "&marks=true&earlier=true")
                .path("pages")
                .toString();
        assertThat(wanted).contains("An echo is a reflected sound").contains("\"name\":\"Key\"");
    }

    @Test
    void asksForKindsWordsAndSources() {
        var lines = get(school.student, "/api/readiness?section=%s&setWork=%s".formatted(desk.section(), setWork))
                .path("lines");
        assertThat(Browser.texts(lines, "words"))
                .contains(
                        "Asked for, and not there yet: a photo",
                        "6 typed words, it asks for 5 to 9",
                        "Sources were asked for, and none is named");
    }

    @Test
    void judgesByCriteriaAndTellsTheStudentWhenItComesBack() {
        var id = sent(school.student, Sealing.section(desk.section(), setWork));
        assertThat(teacher(id, "PUT", "/levels/0", "{'level':1}").detail()).startsWith("Open this version first");
        teacher(id, "POST", "/open", "");
        teacher(id, "PUT", "/levels/0", "{'level':0}");
        teacher(id, "PUT", "/levels/0", "{'level':1}");
        teacher(id, "PUT", "/levels/1", "{'level':1}");
        teacher(id, "PUT", "/levels/1", "{}");
        assertThat(get(school.student, "/api/hand-ins/" + id).path("levels").size())
                .isZero();
        teacher(id, "POST", "/checked", "");
        var told = get(school.student, "/api/hand-ins/" + id);
        assertThat(told.path("figures").path("points").asInt()).isEqualTo(4);
        assertThat(told.path("figures").path("most").asInt()).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({"2,0", "0,2", "-1,0", "0,-1"})
    void judgesByNoLevelThatIsNotThere(int criterion, int level) {
        var id = sent(school.student, Sealing.section(desk.section(), setWork));
        teacher(id, "POST", "/open", "");
        assertThat(teacher(id, "PUT", "/levels/" + criterion, "{'level':%d}".formatted(level))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void writesTheNumbersAsATableThatNoSpreadsheetRuns() throws Exception {
        var id = sent(school.student, Sealing.section(desk.section(), setWork));
        teacher(id, "POST", "/open", "");
        teacher(id, "PUT", "/levels/1", "{'level':1}");
        var csv = browser.get(school.teacher, "/api/set-work/" + setWork + "/numbers.csv")
                .response()
                .getContentAsString(UTF_8);
        assertThat(csv.lines().toList())
                .anyMatch(line -> line.startsWith(school.student.fullName() + ",1,being read,")
                        && line.endsWith(",late,0,,3,3,3"))
                .anyMatch(line -> line.matches(school.classmate.fullName() + ",,(not )?begun,,,.*"));
    }

    @Test
    void sendsSeveralBackOrNone() {
        var mine = sent(school.student, Sealing.section(desk.section(), setWork));
        var theirs = school.desk(school.classmate);
        school.typed(school.classmate, theirs, "An echo", "2.3a");
        var other = sent(school.classmate, Sealing.section(theirs.section(), setWork));
        var path = "/api/set-work/" + setWork + "/sent-back";
        var withStranger = "{'handIns':['%s','%s']}".formatted(mine, UUID.randomUUID());
        assertThat(browser.send(school.teacher, "POST", path, withStranger).status())
                .isEqualTo(404);
        assertThat(get(school.student, "/api/hand-ins/" + mine).path("state").asString())
                .isEqualTo("WAITING");
        var elsewhere = "/api/set-work/" + school.setWork().id() + "/sent-back";
        assertThat(browser.send(school.teacher, "POST", elsewhere, "{'handIns':['%s']}".formatted(mine))
                        .status())
                .as("of another set work")
                .isEqualTo(404);
        browser.send(school.teacher, "POST", path, "{'handIns':['%s','%s']}".formatted(mine, other));
        for (var person : Map.of(school.student, mine, school.classmate, other).entrySet()) {
            assertThat(get(person.getKey(), "/api/hand-ins/" + person.getValue())
                            .path("state")
                            .asString())
                    .isEqualTo("SENT_BACK");
        }
    }

    @Test
    void showsEveryStudentAgainstAllSetWork() {
        var id = sent(school.student, Sealing.section(desk.section(), setWork));
        var cell = get(school.teacher, "/api/register")
                .path("students")
                .valueStream()
                .filter(line -> line.path("student")
                        .asString()
                        .equals(school.student.id().toString()))
                .flatMap(line -> line.path("cells").valueStream())
                .filter(one -> one.path("handIn").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(cell.path("late").asBoolean()).isTrue();
        assertThat(get(school.otherTeacher, "/api/register").toString())
                .doesNotContain(school.student.id().toString());
    }

    /** What becomes of a version when its student, or a teacher, is no longer in the class. */
    @Test
    void staysWithThoseItWasSentToAndThoseWhoMadeIt() {
        var draft = sent(school.student, Sealing.draft(desk.section(), setWork));
        var version = sent(school.student, Sealing.section(desk.section(), setWork));
        people.keep(school.schoolClass, List.of(school.classmate.id(), school.teacher.id()));
        for (var id : List.of(draft, version)) {
            assertThat(status(school.student, "/api/hand-ins/" + id))
                    .as("who left")
                    .isEqualTo(200);
            assertThat(status(school.teacher, "/api/hand-ins/" + id)).isEqualTo(200);
            assertThat(status(school.classmate, "/api/hand-ins/" + id)).isEqualTo(404);
        }
        assertThat(register().size()).as("the class as it is now").isEqualTo(1);
        people.keep(school.schoolClass, List.of(school.student.id(), school.classmate.id()));
        for (var id : List.of(draft, version)) {
            assertThat(status(school.teacher, "/api/hand-ins/" + id))
                    .as("a teacher who left")
                    .isEqualTo(404);
            assertThat(status(school.otherTeacher, "/api/hand-ins/" + id)).isEqualTo(404);
            assertThat(teacher(id, "POST", "/open", "").status()).isEqualTo(404);
        }
    }

    /** A photo that is said to be too large to send: its copy goes, the photo itself stays as it is. */
    @Test
    void sendsSmallerCopiesOfWhatIsTooLarge() {
        var photo = school.photo(school.student, desk, EntryWidth.FULL);
        db.sql("update media set bytes = 200000000 where id = ?")
                .param(photo.toString())
                .update();
        var check = get(school.student, "/api/readiness?section=%s&setWork=%s".formatted(desk.section(), setWork));
        var tooLarge = check.path("lines")
                .valueStream()
                .filter(line -> line.path("words").asString().startsWith("Too large to send: 200.0 MB"))
                .findFirst()
                .orElseThrow();
        assertThat(tooLarge.path("mend").path("fit").asBoolean()).isTrue();
        assertThat(check.path("fittedBytes").asLong()).isLessThan(1_000_000);
        var whole = sent(school.student, Sealing.section(desk.section(), setWork));
        var asItIs =
                get(school.student, "/api/hand-ins/" + whole).path("missing").asInt();
        browser.send(school.student, "DELETE", "/api/hand-ins/" + whole, "");
        var id = sent(
                school.student, Sealing.section(desk.section(), setWork).replace("'fitted':false", "'fitted':true"));
        assertThat(get(school.student, "/api/hand-ins/" + id).path("missing").asInt())
                .isEqualTo(asItIs - 1);
        var small = db.sql("select screen_sha256 from media where id = ?")
                .param(photo.toString())
                .query(String.class)
                .single();
        var manifest = db.sql("select manifest from hand_in where id = ?")
                .param(id.toString())
                .query(String.class)
                .single();
        assertThat(manifest).contains(small + "  media/" + photo + ".jpg");
        assertThat(get(school.teacher, "/api/hand-ins/" + id + "/seal")
                        .path("holds")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void isGoneForEverybodyOnceItIsTakenBack() {
        var id = sent(school.student, Sealing.unasked(desk.page().id()));
        assertThat(browser.send(school.student, "DELETE", "/api/hand-ins/" + id, "")
                        .status())
                .isEqualTo(204);
        for (var person : List.of(school.student, school.teacher)) {
            assertThat(status(person, "/api/hand-ins/" + id)).isEqualTo(404);
        }
    }

    @Test
    void keepsWhatTwoTeachersSayAtOnceWhileTheStudentWritesOn() throws Exception {
        people.keep(
                school.schoolClass,
                List.of(school.student.id(), school.classmate.id(), school.teacher.id(), school.otherTeacher.id()));
        var id = sent(school.student, Sealing.section(desk.section(), setWork));
        teacher(id, "POST", "/open", "");
        try (var both = Executors.newFixedThreadPool(3)) {
            var said = Stream.of(school.teacher, school.otherTeacher)
                    .map(person -> both.submit(() -> {
                        for (var i = 0; i < 8; i++) {
                            var path = "/api/hand-ins/%s/remarks/%s".formatted(id, UUID.randomUUID());
                            var body =
                                    "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'Say %d.'}".formatted(entry, i);
                            assertThat(browser.send(person, "PUT", path, body).status())
                                    .isEqualTo(204);
                        }
                        return null;
                    }))
                    .toList();
            both.submit(() -> change("An echo comes back")).get();
            for (var one : said) {
                one.get();
            }
        }
        var version = get(school.teacher, "/api/hand-ins/" + id);
        assertThat(version.path("remarks")
                        .valueStream()
                        .map(remark -> remark.path("number").asInt())
                        .toList())
                .isEqualTo(IntStream.rangeClosed(1, 16).boxed().toList());
        assertThat(version.path("pages").toString()).contains("An echo is a reflected sound");
        assertThat(get(school.otherTeacher, "/api/hand-ins/" + id + "/seal")
                        .path("holds")
                        .asBoolean())
                .isTrue();
    }

    private void set(LocalDate due) {
        assertThat(browser.send(
                                school.teacher,
                                "PUT",
                                "/api/set-work/" + setWork,
                                JUDGED.replace("\n", "").formatted(school.schoolClass.id(), school.node("2.3"), due))
                        .status())
                .isEqualTo(204);
    }

    private void change(String words) {
        var body = "{'baseVersion':1,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), School.doc(words));
        browser.send(school.student, "PUT", "/api/entries/" + entry, body);
    }

    private JsonNode register() {
        return get(school.teacher, "/api/set-work/" + setWork + "/register").path("students");
    }

    private JsonNode line(Person student) {
        return register()
                .valueStream()
                .filter(one ->
                        one.path("student").asString().equals(student.id().toString()))
                .findFirst()
                .orElseThrow();
    }

    private UUID sent(Person student, String body) {
        var id = UUID.randomUUID();
        assertThat(browser.send(student, "PUT", "/api/hand-ins/" + id, body).status())
                .isEqualTo(200);
        return id;
    }

    private Browser.Answer seal(Person student, String body) {
        return browser.send(student, "PUT", "/api/hand-ins/" + UUID.randomUUID(), body);
    }

    private Browser.Answer teacher(UUID handIn, String method, String path, String body) {
        return browser.send(school.teacher, method, "/api/hand-ins/" + handIn + path, body);
    }

    private JsonNode get(Person reader, String path) {
        return browser.get(reader, path).json();
    }

    private int status(Person reader, String path) {
        return browser.get(reader, path).status();
    }
}
