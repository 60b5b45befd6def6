package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.SchoolClass;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.syllabus.SyllabusFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

class ClassCoverageTest extends AppTest {
    @Autowired
    private Syllabi syllabi;

    @Autowired
    private People people;

    private SchoolClass group;

    @BeforeEach
    void lay() {
        group = new SchoolClass(UUID.randomUUID(), "10C Physics");
        people.enter(group, List.of(school.student, school.classmate, school.teacher));
    }

    @Test
    void showsEachStudentsPointsByKinds() {
        var desk = school.desk(school.student, group);
        school.typed(school.student, desk, "An echo", "2.3a");
        var seen = coverage();
        assertThat(Browser.texts(seen.path("points"), "code")).containsExactly("2.3a", "2.3b", "2.4a");
        assertThat(student(seen).path("kinds").asString()).isEqualTo("100");
        assertThat(student(seen).path("marksCovered").asDouble()).isEqualTo(0.3, within(1e-9));
        var own = browser.get(
                        school.teacher,
                        "/api/classes/%s/students/%s/coverage".formatted(group.id(), school.student.id()))
                .json();
        assertThat(own.path("student").asString()).isEqualTo("The marlo");
        assertThat(own.at("/coverage/pointsBare").asInt()).isEqualTo(2);
    }

    @Test
    void readsTheWorkOfAStudentInAnotherEditionByTheClassesOwn() {
        school.desk(school.classmate, group);
        var desk = school.desk(school.student, group);
        school.typed(school.student, desk, "An echo", "2.3a");
        var other = syllabi.read(
                        Optional.of(school.student),
                        "NB-412",
                        "Other",
                        SyllabusFile.ofTable(
                                "code,title\n2,Sound\n2.3,Echoes and sonar\n2.3z,Echo as reflection".getBytes()))
                .id();
        var before = student(coverage()).path("kinds").asString();
        browser.send(
                school.student,
                "PUT",
                "/api/notebooks/%s/moves/%s".formatted(desk.notebook().id(), UUID.randomUUID()),
                "{'editionId':'%s','examYear':2028,'tier':'CORE'}".formatted(other));
        assertThat(student(coverage()).path("kinds").asString()).isEqualTo(before);
    }

    private JsonNode coverage() {
        return browser.get(school.teacher, "/api/classes/" + group.id() + "/coverage")
                .json();
    }

    private JsonNode student(JsonNode seen) {
        return seen.path("students")
                .valueStream()
                .filter(one ->
                        one.path("id").asString().equals(school.student.id().toString()))
                .findFirst()
                .orElseThrow();
    }
}
