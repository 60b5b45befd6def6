package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** What a teacher asks a class for, changes, takes back and asks for again. */
class SetWorkTest extends AppTest {
    private static final String CRITERION =
            "{'name':'%s','levels':[{'words':'once','points':0},{'words':'often','points':%d}]}";

    @Autowired
    private People people;

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
        assertThat(take("/api/set-work/" + work)).isEqualTo(204);
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
