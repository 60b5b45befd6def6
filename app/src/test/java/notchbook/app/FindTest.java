package notchbook.app;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.security.SecureRandom;
import java.util.List;
import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** The find box: everything of one's own by its words, and nothing of anybody else's. */
class FindTest extends AppTest {
    /** A word that no other test writes, so that what is found is this test's own. */
    private final String mine =
            "zq" + new BigInteger(60, new SecureRandom()).toString(36).replaceAll("\\d", "x");

    private School.Desk desk;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            # typed after our own word | found
            reflections                | 1
            refle                      | 1
            light                      | 0
            "reflected sound"          | 1
            "sound reflected"          | 0
            a                          | 1
            the                        | 0
            Hz                         | 1
            20                         | 1
            صوت                        | 1
            -reflected                 | 1
            +*()~<>@                   | 1
            """)
    void takesWordsByStemShortOnesAndCommonOnesToo(String typed, int found) {
        school.typed(school.student, desk, mine + " is a reflected sound of 20 Hz, صوت");
        assertThat(find(mine + " " + typed).path("entries")).hasSize(found);
    }

    @Test
    void findsAPhotoByTheNameOfItsFileAndAMarkOfOnesOwnByItsName() {
        school.photo(school.student, desk, EntryWidth.HALF);
        assertThat(find("wall jpg").path("entries").get(0).path("kind").asString())
                .isEqualTo("PHOTO");
        browser.send(
                school.student, "PUT", "/api/own-marks/" + UUID.randomUUID(), "{'name':'" + mine + "','shape':'RING'}");
        assertThat(Browser.texts(find(mine).path("places"), "where")).containsExactly("A mark of your own");
    }

    @Test
    void showsWhereAMatchStands() {
        school.typed(school.student, desk, "Before it " + mine + " after it");
        var hit = find(mine).path("entries").get(0);
        assertThat(excerpt(hit)).isEqualTo("Before it [" + mine + "] after it");
        assertThat(hit.path("where").asString()).isEqualTo("Physics · Timing an echo");
    }

    @Test
    void findsWhatAnEntrySaysNowAndNotWhatItSaidBefore() {
        var entry = school.typed(school.student, desk, mine);
        var body = "{'baseVersion':1,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), School.doc("Changed " + mine + "other"));
        browser.send(school.student, "PUT", "/api/entries/" + entry, body);
        assertThat(find(mine + " ").path("entries")).isEmpty();
        assertThat(find(mine + "other").path("entries")).hasSize(1);
    }

    @Test
    void leavesOutWhatLiesInTheBin() {
        var entry = school.typed(school.student, desk, mine);
        browser.send(school.student, "DELETE", "/api/entries/" + entry, "");
        assertThat(find(mine).path("entries")).isEmpty();
        browser.send(
                school.student, "POST", "/api/notebooks/" + desk.notebook().id() + "/bin/" + entry + "/restore", "");
        assertThat(find(mine).path("entries")).hasSize(1);
        browser.send(school.student, "DELETE", "/api/sections/" + desk.section(), "");
        assertThat(find(mine).path("entries")).isEmpty();
    }

    @Test
    void findsCaptionsOfPhotosByTheirWords() {
        school.photo(school.student, desk, EntryWidth.HALF);
        assertThat(Browser.texts(find("wall").path("entries"), "name")).contains("Wall");
    }

    @Test
    void findsPagesSectionsAndPointsByTitleStatementAndCode() {
        assertThat(Browser.texts(find("timing").path("places"), "title")).contains("Timing an echo");
        assertThat(Browser.texts(find("echoes").path("places"), "title")).contains("Echoes");
        assertThat(Browser.texts(find("distance").path("points"), "code")).contains("2.3b");
        assertThat(Browser.texts(find("2.3b").path("points"), "code")).containsOnly("2.3b");
    }

    @Test
    void showsNobodyElsesWork() {
        school.typed(school.student, desk, mine);
        assertThat(find(school.classmate, mine).path("entries")).isEmpty();
        assertThat(find(school.student, mine).path("entries")).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"''", "' '", "'?!'", "'\"\"'"})
    void findsNothingWithoutAWord(String typed) {
        var view = find(typed);
        assertThat(List.of(view.path("entries"), view.path("places"), view.path("points")))
                .allMatch(JsonNode::isEmpty);
    }

    @Test
    void findsTheReadersTeachersAndWhatTheySaidToThemOnly() {
        school.typed(school.student, desk, "An echo", "2.3a");
        var handIn = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/hand-ins/" + handIn,
                Sealing.section(desk.section(), school.setWork().id()));
        browser.send(school.teacher, "POST", "/api/hand-ins/" + handIn + "/open", "");
        var entry = browser.get(school.teacher, "/api/hand-ins/" + handIn)
                .json()
                .at("/pages/0/entries/0/id")
                .asString();
        browser.send(
                school.teacher,
                "PUT",
                "/api/hand-ins/" + handIn + "/remarks/" + UUID.randomUUID(),
                "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'Say how many %s.'}".formatted(entry, mine));
        assertThat(find(mine).path("people")).isEmpty();
        browser.send(school.teacher, "POST", "/api/hand-ins/" + handIn + "/sent-back", "");
        assertThat(Browser.texts(find(mine).path("people"), "path")).containsExactly("/versions/" + handIn);
        assertThat(Browser.texts(find("tolland").path("people"), "where")).contains("10B Physics");
        assertThat(Browser.texts(find("farrant").path("people"), "where")).isEmpty();
        var others = browser.get(school.classmate, "/api/find?words=" + mine).json();
        assertThat(others.path("people")).isEmpty();
    }

    private JsonNode find(String typed) {
        return find(school.student, typed);
    }

    private JsonNode find(Person reader, String typed) {
        var request = MockMvcRequestBuilders.get("/api/find").param("words", typed);
        return browser.send(reader, request).json();
    }

    private static String excerpt(JsonNode hit) {
        return hit.path("excerpt")
                .valueStream()
                .map(part -> part.path("isMatch").asBoolean()
                        ? "[" + part.path("text").asString() + "]"
                        : part.path("text").asString())
                .collect(joining());
    }
}
