package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

class PlansTest extends AppTest {
    @Autowired
    private People people;

    private SchoolClass group;
    private School.Desk desk;

    @BeforeEach
    void lay() {
        group = new SchoolClass(UUID.randomUUID(), "10D Physics");
        people.enter(group, List.of(school.student, school.classmate, school.teacher));
        desk = school.desk(school.student, group);
    }

    @Test
    void givesTheClassesPlanToItsStudentsWhoMayShiftTheirOwn() {
        plan("2.3", 11, 12);
        assertThat(planIn(desk)).isEqualTo("11-12");
        send(school.student, "PUT", ofNotebook("2.3"), "{'first':14,'last':14}");
        assertThat(planIn(desk)).isEqualTo("14-14");
        assertThat(planIn(school.desk(school.classmate, group), school.classmate))
                .isEqualTo("11-12");
        send(school.student, "DELETE", ofNotebook("2.3"), "");
        assertThat(planIn(desk)).isEqualTo("11-12");
    }

    @Test
    void readsAPlanFromCsvInThePlaceOfWhatWasPlanned() {
        plan("2.4", 3, 4);
        assertThat(upload("topic,first week,last week\n2.3,7,8\n")).isEqualTo(204);
        assertThat(planIn(desk)).isEqualTo("7-8");
        var csv = browser.get(school.teacher, "/api/classes/" + group.id() + "/plan.csv")
                .response()
                .getContentAsByteArray();
        assertThat(new String(csv, UTF_8).lines()).hasSize(2).last().isEqualTo("2.3,Echoes and sonar,7,8");
    }

    @Test
    void refusesAFileWholeAndWeeksThatTheYearDoesNotHave() {
        plan("2.3", 7, 8);
        assertThat(upload("topic,first week,last week\n2.3,9,9\n9.9,1,1\n")).isEqualTo(422);
        assertThat(planIn(desk)).isEqualTo("7-8");
        assertThat(send(school.teacher, "PUT", ofClass("2.3"), "{'first':40,'last':99}"))
                .isEqualTo(422);
        assertThat(send(school.teacher, "PUT", ofClass("2.3"), "{'first':9,'last':8}"))
                .isEqualTo(422);
    }

    private void plan(String topic, int first, int last) {
        assertThat(send(school.teacher, "PUT", ofClass(topic), "{'first':%d,'last':%d}".formatted(first, last)))
                .isEqualTo(204);
    }

    private String planIn(School.Desk of) {
        return planIn(of, school.student);
    }

    private String planIn(School.Desk of, Person owner) {
        JsonNode plan = browser.get(owner, "/api/notebooks/" + of.notebook().id() + "/coverage")
                .json()
                .path("topics")
                .get(0)
                .path("plan");
        return plan.path("firstWeek").asInt() + "-" + plan.path("lastWeek").asInt();
    }

    private int upload(String csv) {
        return browser.send(
                        school.teacher,
                        MockMvcRequestBuilders.multipart("/api/classes/" + group.id() + "/plan.csv")
                                .file(new MockMultipartFile("file", "plan.csv", null, csv.getBytes(UTF_8))))
                .status();
    }

    private int send(Person person, String method, String path, String body) {
        return browser.send(person, method, path, body).status();
    }

    private String ofClass(String topic) {
        return "/api/classes/" + group.id() + "/plan/" + school.node(topic);
    }

    private String ofNotebook(String topic) {
        return "/api/notebooks/" + desk.notebook().id() + "/plan/" + school.node(topic);
    }
}
