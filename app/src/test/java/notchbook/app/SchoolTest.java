package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SchoolTest extends AppTest {
    @Test
    void givesEachPersonANameOfTheirOwnAndAPasswordThatSignsIn() {
        var entered = enter("['Zoë Quillan','Zoë Querry','Zoë Quillan',' ','Dr. Vane']");
        assertThat(Browser.texts(entered.json(), "userName")).containsExactly("zoe", "zoeq", "zoe.quillan", "vane");
        for (var one : entered.json()) {
            var signIn = "{'name':'%s','password':'%s'}"
                    .formatted(
                            one.path("userName").asString(),
                            one.path("password").asString());
            assertThat(browser.send(null, "POST", "/api/sign-in", signIn).status())
                    .isEqualTo(200);
        }
    }

    @Test
    void makesAClassAndChangesWhoIsInIt() {
        var id = UUID.randomUUID();
        keepClass(id, "11C", List.of(school.student.id(), school.teacher.id()));
        keepClass(id, "11D", List.of(school.classmate.id()));
        var found = browser.get(school.keeper, "/api/school")
                .json()
                .path("classes")
                .valueStream()
                .filter(one -> one.path("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(found.path("name").asString()).isEqualTo("11D");
        assertThat(found.path("members")
                        .valueStream()
                        .map(one -> one.asString())
                        .toList())
                .containsExactly(school.classmate.id().toString());
        keepClass(id, "11D", List.of());
    }

    @ParameterizedTest
    @CsvSource({"[], Type 1 to 60 names", "[''], Type 1 to 60 names"})
    void refusesNoNames(String names, String message) {
        assertThat(enter(names).detail()).startsWith(message);
    }

    @Test
    void keepsKeepersOutOfClasses() {
        assertThat(keepClass(UUID.randomUUID(), "11E", List.of(school.keeper.id()))
                        .detail())
                .startsWith("Only teachers and students are in classes.");
    }

    private Browser.Answer enter(String names) {
        return browser.send(school.keeper, "POST", "/api/school/people", "{'role':'STUDENT','names':" + names + "}");
    }

    private Browser.Answer keepClass(UUID id, String name, List<UUID> members) {
        var body = "{'name':'%s','members':[%s]}"
                .formatted(
                        name,
                        String.join(
                                ",",
                                members.stream().map(one -> "'" + one + "'").toList()));
        return browser.send(school.keeper, "PUT", "/api/school/classes/" + id, body);
    }
}
