package notchbook.app;

import static notchbook.tables.Tables.ANNOUNCEMENT_FOR;
import static notchbook.tables.Tables.SECTION_TOPIC;
import static notchbook.tables.Tables.SET_WORK;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.io.UnsupportedEncodingException;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.setwork.SetWorks;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** What a teacher asks a class for, changes, takes back and asks for again. */
class SetWorkTest extends AppTest {
    private static final String CRITERION =
            "{'name':'%s','levels':[{'words':'once','points':0},{'words':'often','points':%d}]}";

    @Autowired
    private People people;

    @Autowired
    private SetWorks works;

    @Autowired
    private DSLContext db;

    private School.Desk desk;
    private UUID work;

    @BeforeEach
    void ask() {
        desk = school.desk(school.student);
        school.typed(school.student, desk, "An echo is a reflected sound", "2.3a");
        work = UUID.randomUUID();
        set("Echoes", CRITERION.formatted("Measures", 4));
    }

    @Test
    void changesWhatIsAskedOfTheSameClass() {
        assertThat(set("Echoes and sonar", "").status()).isEqualTo(204);
        assertThat(shown("/api/set-work/" + work + "/register", "to")
                        .path("title")
                        .asString())
                .isEqualTo("Echoes and sonar");
        assertThat(browser.send(
                                school.otherTeacher,
                                "PUT",
                                "/api/set-work/" + work,
                                body(
                                        "Mine now",
                                        "",
                                        people.classesOf(school.otherTeacher)
                                                .getFirst()
                                                .id()))
                        .status())
                .isEqualTo(404);
        assertThat(browser.send(school.teacher, "PUT", "/api/set-work/" + work, body("A", "", UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void keepsHowManyLevelsThereAreOnceSomebodyWasJudgedByThem() {
        var id = handIn();
        browser.send(school.teacher, "POST", "/api/hand-ins/" + id + "/open", "");
        browser.send(school.teacher, "PUT", "/api/hand-ins/" + id + "/levels/0", "{'level':1}");
        assertThat(set("Echoes", "").detail()).startsWith("Somebody was judged by these criteria already.");
        assertThat(set("Echoes", CRITERION.formatted("Measures with care", 6)).status())
                .isEqualTo(204);
        var figures = browser.get(school.teacher, "/api/hand-ins/" + id).json().path("figures");
        assertThat(figures.path("points").asInt()).isEqualTo(6);
    }

    @Test
    void asksNoLongerForWhatWasTakenBackAndKeepsWhatWasHandedIn() {
        var id = handIn();
        assertThat(takeBack("")).isEqualTo(204);
        assertThat(listed(school.teacher, "/api/set-work")).isFalse();
        assertThat(listed(school.teacher, "/api/register")).isFalse();
        assertThat(listed(school.teacher, "/api/set-work/taken-back")).isTrue();
        assertThat(listed(school.classmate, "/api/hand-ins")).isFalse();
        assertThat(listed(school.student, "/api/hand-ins"))
                .as("who has handed in")
                .isTrue();
        assertThat(browser.get(school.teacher, "/api/hand-ins/" + id).status()).isEqualTo(200);
        assertThat(take("/api/set-work/taken-back/" + work)).isEqualTo(204);
        assertThat(listed(school.classmate, "/api/hand-ins")).isTrue();
        assertThat(listed(school.teacher, "/api/set-work/taken-back")).isFalse();
    }

    private Browser.Answer askFor(String whom) {
        return browser.send(
                school.teacher,
                "PUT",
                "/api/set-work/" + work,
                body("Echoes", "", school.schoolClass.id()).replaceFirst("}$", "," + whom + "}"));
    }

    private List<String> inRegister() {
        return Browser.texts(
                browser.get(school.teacher, "/api/set-work/" + work + "/register")
                        .json()
                        .path("students"),
                "name");
    }

    @Test
    void asksSomeOfAClassByNameOrByGroup() {
        askFor("'students':['%s']".formatted(school.classmate.id()));
        assertThat(listed(school.student, "/api/hand-ins")).isFalse();
        assertThat(listed(school.classmate, "/api/hand-ins")).isTrue();
        assertThat(inRegister()).containsExactly(school.classmate.fullName());
        var refused = UUID.randomUUID();
        assertThat(browser.send(
                                school.student,
                                "PUT",
                                "/api/hand-ins/" + refused,
                                Sealing.section(desk.section(), work))
                        .status())
                .isEqualTo(404);
        var group = GroupsTest.onlyGroup(school, browser);
        askFor("'groups':['%s']".formatted(group));
        assertThat(listed(school.student, "/api/hand-ins")).isTrue();
        assertThat(inRegister()).containsExactly(school.student.fullName());
        handIn();
        browser.send(
                school.teacher, "DELETE", "/api/classes/%s/groups/%s".formatted(school.schoolClass.id(), group), "");
        assertThat(listed(school.student, "/api/hand-ins"))
                .as("what was handed in stays with its student")
                .isTrue();
        assertThat(inRegister()).containsExactly(school.student.fullName());
    }

    @Test
    void givesOneStudentLongerWithoutAWordToTheOthers() {
        askFor("'longer':{'%s':'2026-12-08'}".formatted(school.student.id()));
        assertThat(dueOf(school.student)).isEqualTo("2026-12-08");
        assertThat(dueOf(school.classmate)).isEqualTo("2026-12-01");
        assertThat(browser.get(school.classmate, "/api/hand-ins").json().toString())
                .doesNotContain(school.student.id().toString(), "2026-12-08");
        assertThat(shown("/api/set-work/" + work + "/register", "to")
                        .at("/longer/" + school.student.id())
                        .asString())
                .isEqualTo("2026-12-08");
        assertThat(askFor("'longer':{'%s':'2026-12-01'}".formatted(school.student.id()))
                        .detail())
                .contains("a later day");
    }

    private String dueOf(Person reader) {
        return browser.get(reader, "/api/hand-ins")
                .json()
                .valueStream()
                .map(one -> one.path("setWork"))
                .filter(one -> one.path("id").asString().equals(work.toString()))
                .map(one -> one.path("due").asString())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void isAskedOnlyOfStudentsAndGroupsOfItsClass() {
        var elsewhere = school.newClass();
        assertThat(askFor("'students':['%s']".formatted(elsewhere.student().id()))
                        .detail())
                .contains("of this class");
        assertThat(askFor("'groups':['%s']".formatted(UUID.randomUUID())).detail())
                .contains("of this class");
        assertThat(askFor("'longer':{'%s':'2026-12-08'}"
                                .formatted(elsewhere.student().id()))
                        .detail())
                .contains("of this class");
    }

    private String progressOf(Person student) {
        return browser.get(school.teacher, "/api/set-work/" + work + "/register")
                .json()
                .path("students")
                .valueStream()
                .filter(one ->
                        one.path("student").asString().equals(student.id().toString()))
                .map(one -> one.path("progress").asString())
                .findFirst()
                .orElseThrow();
    }

    private void wasSet(Instant at) {
        db.update(SET_WORK).set(SET_WORK.SET_AT, at).where(SET_WORK.ID.eq(work)).execute();
    }

    @Test
    void tellsTheTeacherHowFarEachIs() {
        assertThat(progressOf(school.student)).as("made since it was set").isEqualTo("BEGUN");
        wasSet(NOW.plusSeconds(1));
        assertThat(progressOf(school.student)).as("made before").isEqualTo("NOT_BEGUN");
        var id = handIn();
        assertThat(progressOf(school.student)).isEqualTo("IN");
        browser.send(school.teacher, "POST", "/api/hand-ins/" + id + "/open", "");
        browser.send(school.teacher, "POST", "/api/hand-ins/" + id + "/checked", "");
        assertThat(progressOf(school.student)).isEqualTo("CHECKED");
        assertThat(progressOf(school.classmate)).isEqualTo("NOT_BEGUN");
        assertThat(words(browser.get(school.teacher, "/api/set-work/" + work + "/numbers.csv")))
                .contains(school.classmate.fullName() + ",,not begun");
    }

    /** What a fresh student makes, where, and whether the work is begun by it. */
    static Stream<Arguments> made() {
        return Stream.of(
                arguments("on a page of the topic", true, "", true),
                arguments("notched to a point of it", false, "2.3a", true),
                arguments("notched to the topic", false, "2.3", true),
                arguments("elsewhere, for another topic", false, "2.4a", false),
                arguments("elsewhere, for nothing", false, "", false));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("made")
    void isBegunByWhatIsMadeForItsTopic(String name, boolean isInItsSection, String code, boolean isBegun) {
        var of = school.newClass();
        var there = school.setWork(of.teacher(), of.schoolClass());
        var at = school.desk(of.student(), of.schoolClass());
        if (!isInItsSection) {
            db.deleteFrom(SECTION_TOPIC)
                    .where(SECTION_TOPIC.SECTION_ID.eq(at.section()))
                    .execute();
        }
        var codes = Stream.of(code).filter(one -> !one.isEmpty()).toArray(String[]::new);
        var words = school.typed(of.student(), at, "Timed it", codes);
        assertThat(works.begun(there)).isEqualTo(isBegun ? Set.of(of.student().id()) : Set.of());
        browser.send(of.student(), "DELETE", "/api/entries/" + words, "");
        assertThat(works.begun(there)).as("in the bin").isEmpty();
    }

    private List<String> heardBy(Person student) {
        return Browser.texts(browser.get(student, "/api/announcements").json(), "words");
    }

    @Test
    void tellsThoseAloneWhoHaveBegun() {
        askFor("'word':' Measure three times. '");
        assertThat(heardBy(school.student)).contains("Measure three times.");
        assertThat(heardBy(school.classmate)).doesNotContain("Measure three times.");
        var said = browser.get(school.teacher, "/api/classes/" + school.schoolClass.id() + "/announcements")
                .json()
                .at("/said/0");
        assertThat(said.path("isForSome").asBoolean()).isTrue();
        assertThat(said.path("readBy").asInt() + said.path("unread").size()).isEqualTo(1);
        db.deleteFrom(ANNOUNCEMENT_FOR)
                .where(ANNOUNCEMENT_FOR.PERSON_ID.eq(school.student.id()))
                .execute();
        assertThat(heardBy(school.classmate)).as("the last of them is gone").doesNotContain("Measure three times.");
        assertThat(takeBack("The hall is closed.")).isEqualTo(204);
        assertThat(heardBy(school.student)).contains("The hall is closed.");
        assertThat(heardBy(school.classmate)).doesNotContain("The hall is closed.");
        assertThat(takeBack("x".repeat(2_001))).isEqualTo(422);
    }

    @Test
    void tellsNobodyWhereNobodyHasBegun() {
        wasSet(NOW.plusSeconds(1));
        askFor("'word':'Never mind the wind.'");
        assertThat(heardBy(school.student)).doesNotContain("Never mind the wind.");
    }

    @Test
    void isDueByAnHour() {
        var body = body("Echoes", "", school.schoolClass.id())
                .replace("2026-12-01", NOW.toString().substring(0, 10));
        handIn();
        for (var hour : List.of("09:59", "10:00")) {
            browser.send(
                    school.teacher,
                    "PUT",
                    "/api/set-work/" + work,
                    body.replaceFirst("}$", ",'hour':'%s'}".formatted(hour)));
            var line = browser.get(school.teacher, "/api/set-work/" + work + "/register")
                    .json();
            assertThat(line.at("/to/setWork/hour").asString()).isEqualTo(hour + ":00");
            assertThat(line.findPath("latest").isMissingNode()).isFalse();
            assertThat(line.path("students").valueStream().anyMatch(one -> one.path("late")
                            .asBoolean()))
                    .as(hour)
                    .isEqualTo(hour.equals("09:59"));
        }
    }

    @Test
    void beginsWithAPatternOfTheTeacher() {
        var pattern = browser.get(school.teacher, "/api/patterns").json().at("/standard/1");
        var body = body("Echoes", "", school.schoolClass.id())
                .replace("'withSources':false", "'withSources':false,'pattern':" + pattern);
        assertThat(browser.send(school.teacher, "PUT", "/api/set-work/" + work, body)
                        .status())
                .isEqualTo(204);
        assertThat(shown("/api/set-work/" + work + "/register", "to").at("/asked/pattern"))
                .isEqualTo(pattern);
    }

    @Test
    void standsInTheCalendarUntilItIsIn() {
        var feed = browser.send(school.student, "POST", "/api/task-feed", "")
                .json()
                .path("path")
                .asString();
        askFor("'hour':'16:00'");
        assertThat(words(browser.get(null, feed)))
                .contains("UID:" + work, "SUMMARY:Hand in: Echoes", "DTSTART:20261201T160000Z");
        handIn();
        assertThat(words(browser.get(null, feed))).doesNotContain(work.toString());
        browser.send(school.student, "DELETE", "/api/task-feed", "");
    }

    private static String words(Browser.Answer answer) {
        try {
            return answer.response().getContentAsString();
        } catch (UnsupportedEncodingException never) {
            throw new IllegalStateException(never);
        }
    }

    private UUID handIn() {
        var id = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/hand-ins/" + id, Sealing.section(desk.section(), work));
        return id;
    }

    private Browser.Answer set(String title, String criteria) {
        return browser.send(
                school.teacher, "PUT", "/api/set-work/" + work, body(title, criteria, school.schoolClass.id()));
    }

    private String body(String title, String criteria, UUID classId) {
        return "{'classId':'%s','title':'%s','instructions':'','topic':'%s','due':'2026-12-01','asked':{'kinds':[],'withSources':false},'criteria':[%s]}"
                .formatted(classId, title, school.node("2.3"), criteria);
    }

    private int takeBack(String word) {
        return browser.send(school.teacher, "PUT", "/api/set-work/taken-back/" + work, "{'word':'%s'}".formatted(word))
                .status();
    }

    private int take(String path) {
        return browser.send(school.teacher, "DELETE", path, "").status();
    }

    private boolean listed(Person reader, String path) {
        return browser.get(reader, path).json().toString().contains(work.toString());
    }

    private JsonNode shown(String path, String name) {
        return browser.get(school.teacher, path).json().path(name).path("setWork");
    }
}
