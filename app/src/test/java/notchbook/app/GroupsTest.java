package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SchoolClass;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Groups of a class: who makes and changes them, and what is shown to one. */
class GroupsTest extends AppTest {
    @Autowired
    private People people;

    private final SchoolClass schoolClass = new SchoolClass(UUID.randomUUID(), "11F");
    private final UUID group = UUID.randomUUID();
    private List<Person> students;
    private Person teacher;

    @BeforeEach
    void aClassOfSeven() {
        teacher = entered("brook", Role.TEACHER);
        students = IntStream.range(0, 7)
                .mapToObj(i -> entered("s" + i, Role.STUDENT))
                .toList();
        keepClass(students);
    }

    private Person entered(String name, Role role) {
        var person = School.person(name, role);
        people.enter(person, "");
        return person;
    }

    private void keepClass(List<Person> in) {
        people.keep(
                schoolClass,
                Stream.concat(in.stream(), Stream.of(teacher)).map(Person::id).toList());
    }

    /** Of the school's own class, its only one: with the student in it. */
    static UUID onlyGroup(School school, Browser browser) {
        var all = "/api/classes/%s/groups".formatted(school.schoolClass.id());
        Browser.texts(browser.get(school.teacher, all).json().path("groups"), "id")
                .forEach(id -> browser.send(school.teacher, "DELETE", all + "/" + id, ""));
        var group = UUID.randomUUID();
        browser.send(
                school.teacher,
                "PUT",
                all + "/" + group,
                "{'name':'%s','members':['%s']}".formatted(group, school.student.id()));
        return group;
    }

    private Browser.Answer send(Person by, String method, String path, String body) {
        return browser.send(by, method, "/api/classes/" + schoolClass.id() + path, body);
    }

    private Browser.Answer make(Person by, UUID id, String name, Person... members) {
        var ids = Arrays.stream(members).map(one -> "'" + one.id() + "'").toList();
        return send(by, "PUT", "/groups/" + id, "{'name':'%s','members':[%s]}".formatted(name, String.join(",", ids)));
    }

    private List<String> names(Person reader) {
        return Browser.texts(
                browser.get(reader, "/api/classes/%s/groups".formatted(schoolClass.id()))
                        .json()
                        .path("groups"),
                "name");
    }

    @Test
    void areMadeByTheTeacherAndSeenByTheClass() {
        make(teacher, group, "Owls", students.get(0), students.get(1));
        assertThat(names(students.get(5))).containsExactly("Owls");
        make(teacher, group, "Barn owls", students.get(2));
        assertThat(names(teacher)).containsExactly("Barn owls");
        send(teacher, "DELETE", "/groups/" + group, "");
        assertThat(names(teacher)).isEmpty();
        make(teacher, group, "Barn owls", students.get(2));
        assertThat(names(teacher)).as("an end can be taken back").containsExactly("Barn owls");
    }

    @Test
    void areMadeByStudentsOnlyWhereTheirTeacherLetsThem() {
        var maker = students.get(0);
        assertThat(make(maker, group, "Owls", maker, students.get(1)).status()).isEqualTo(409);
        send(teacher, "PUT", "/group-rule", "{'studentsMayMake':true}");
        assertThat(make(maker, group, "Owls", maker, students.get(1)).status()).isEqualTo(204);
        assertThat(make(students.get(1), group, "Mine now", students.get(1)).status())
                .as("whoever made it changes it")
                .isEqualTo(404);
        assertThat(make(maker, group, "Owls", students.get(1)).detail()).contains("Choose yourself");
        assertThat(send(students.get(1), "DELETE", "/groups/" + group, "").status())
                .isEqualTo(404);
        assertThat(send(maker, "DELETE", "/groups/" + group, "").status()).isEqualTo(204);
        assertThat(send(maker, "PUT", "/group-rule", "{'studentsMayMake':true}").status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"Owls, called “Owls”", "'', a name", "owls, called “owls”"})
    void haveNamesOfTheirOwn(String name, String why) {
        make(teacher, group, "Owls", students.get(0));
        assertThat(make(teacher, UUID.randomUUID(), name, students.get(1)).detail())
                .contains(why);
    }

    @Test
    void holdOnlyStudentsOfTheirClassAndStayInIt() {
        assertThat(make(teacher, group, "Owls", school.student).detail()).contains("Only students of the class");
        make(teacher, group, "Owls", students.get(0));
        var elsewhere = "/api/classes/%s/groups/%s".formatted(school.schoolClass.id(), group);
        assertThat(browser.send(
                                school.teacher,
                                "PUT",
                                elsewhere,
                                "{'name':'Taken','members':['%s']}".formatted(school.student.id()))
                        .status())
                .isEqualTo(404);
        keepClass(students.subList(1, 7));
        assertThat(browser.send(
                                school.teacher,
                                "PUT",
                                elsewhere,
                                "{'name':'Taken','members':['%s']}".formatted(school.student.id()))
                        .status())
                .as("also once all of its members have left")
                .isEqualTo(404);
    }

    @Test
    void takeInByLotWhoeverIsInNone() {
        make(teacher, group, "Group 1", students.get(0));
        send(teacher, "POST", "/group-split", "{'size':3}");
        assertThat(names(teacher)).containsExactly("Group 1", "Group 2", "Group 3");
        assertThat(send(teacher, "POST", "/group-split", "{'size':3}").detail()).contains("Everybody is in a group");
    }

    @Test
    void seeWhatIsShownToThemWhileTheyLastAndWhileOneIsInThem() {
        var owner = students.get(0);
        var member = students.get(1);
        make(teacher, group, "Owls", owner, member);
        var collection = UUID.randomUUID();
        browser.send(owner, "PUT", "/api/collections/" + collection, "{'title':'Echoes','purpose':''}");
        var reader = "/api/collections/%s/readers/groups/%s".formatted(collection, group);
        assertThat(browser.send(students.get(2), "PUT", reader, "").status()).isEqualTo(404);
        assertThat(browser.send(owner, "PUT", reader, "").status()).isEqualTo(204);
        assertThat(shown(member, collection)).isEqualTo(200);
        assertThat(shown(students.get(2), collection)).isEqualTo(404);
        assertThat(shown(teacher, collection)).as("it is the group's").isEqualTo(404);
        keepClass(List.of(owner, students.get(2)));
        assertThat(shown(member, collection))
                .as("who left the class left its groups")
                .isEqualTo(404);
        keepClass(students);
        assertThat(shown(member, collection)).isEqualTo(200);
        send(teacher, "DELETE", "/groups/" + group, "");
        assertThat(shown(member, collection)).as("the group has ended").isEqualTo(404);
        make(teacher, group, "Owls", owner, member);
        browser.send(owner, "DELETE", reader, "");
        assertThat(shown(member, collection)).as("taken back").isEqualTo(404);
    }

    private int shown(Person reader, UUID collection) {
        return browser.get(reader, "/api/shown-collections/" + collection).status();
    }
}
