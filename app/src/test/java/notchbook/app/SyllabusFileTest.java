package notchbook.app;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

class SyllabusFileTest extends AppTest {
    private static final String OF_OTHERS = "Ref;Größe;Wert\n1;Sound;100\n1.1;Echo;\n1.1a;Hall;\n";

    @Test
    void readsAnEditionThatOnlyItsReaderSees() {
        var made = read(school.student, School.SYLLABUS);
        assertThat(made.status()).isEqualTo(201);
        var path = "/api/editions/" + made.json().path("id").asString();
        assertThat(browser.get(school.student, path).json().path("nodes").size())
                .isEqualTo(6);
        assertThat(browser.get(school.classmate, path).status()).isEqualTo(404);
    }

    @Test
    void showsTheEditionsOfATeacherToTheClass() {
        var path = "/api/editions/"
                + read(school.teacher, School.SYLLABUS).json().path("id").asString();
        assertThat(browser.get(school.student, path).json().path("isKept").asBoolean())
                .isFalse();
        assertThat(browser.get(school.otherTeacher, path).status()).isEqualTo(404);
    }

    @Test
    void refusesAFileWholeWithItsLines() {
        var before = browser.get(school.student, "/api/editions").json().size();
        var answer = read(school.student, School.SYLLABUS.replace("2.4a,2.4,", "2.3a,9,") + "2.5,2,Heavy,,lots,,\n");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isEqualTo("3 things have to be mended in this file.");
        assertThat(answer.json()
                        .path("lines")
                        .valueStream()
                        .map(line -> line.path("line").asInt())
                        .toList())
                .containsExactly(7, 7, 8);
        assertThat(browser.get(school.student, "/api/editions").json().size()).isEqualTo(before);
    }

    @Test
    void takesTheColumnsThatWereChosenAndRemembersThemForTablesLikeIt() {
        var first = look(OF_OTHERS);
        assertThat(first.path("lines").get(0).path("message").asString()).contains("Choose the column");
        assertThat(first.path("headings").get(1).asString()).isEqualTo("Größe");
        var chosen = look(OF_OTHERS, "CODE:0", "TITLE:1", "WEIGHT:2");
        assertThat(chosen.path("points").asInt()).isEqualTo(1);
        assertThat(read(school.student, OF_OTHERS, "CODE:0", "TITLE:1", "WEIGHT:2")
                        .status())
                .isEqualTo(201);
        assertThat(look(OF_OTHERS).path("points").asInt()).isEqualTo(1);
    }

    @Test
    void refusesCodesThatAreLongerThanThereIsRoomFor() {
        var answer = read(school.student, School.SYLLABUS.replace("2.4a,", "x".repeat(41) + ","));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("lines").get(0).path("message").asString())
                .contains("longer than 40");
    }

    @Test
    void refusesColumnsThatNoTableHas() {
        assertThat(read(school.student, OF_OTHERS, "COLOUR:0").detail()).contains("Choose the columns again");
        assertThat(read(school.student, OF_OTHERS, "CODE:-1").detail()).contains("Choose the columns again");
        assertThat(read(school.student, OF_OTHERS, "CODE:9", "TITLE:8").detail())
                .contains("have to be mended");
    }

    @Test
    void leavesAsCaseAndComesBackAsTheSame() {
        var csv = browser.get(school.student, "/api/editions/" + school.edition.id() + "/syllabus.csv");
        var json = browser.get(school.student, "/api/editions/" + school.edition.id() + "/case.json");
        assertThat(csv.response().getHeader("Content-Disposition")).contains("attachment");
        var again = read(school.student, new String(json.response().getContentAsByteArray(), UTF_8));
        var path = "/api/editions/" + again.json().path("id").asString() + "/syllabus.csv";
        var body = new String(browser.get(school.student, path).response().getContentAsByteArray(), UTF_8);
        assertThat(body.lines().map(line -> line.substring(0, line.lastIndexOf(','))))
                .containsExactlyElementsOf(new String(csv.response().getContentAsByteArray(), UTF_8)
                        .lines()
                        .map(line -> line.substring(0, line.lastIndexOf(',')))
                        .toList());
    }

    private Browser.Answer read(Person reader, String content, String... columns) {
        var file = new MockMultipartFile("file", "syllabus", null, content.getBytes(ISO_8859_1));
        return browser.send(
                reader,
                MockMvcRequestBuilders.multipart("/api/editions")
                        .file(file)
                        .param("code", "NB-1")
                        .param("title", "Own " + UUID.randomUUID())
                        .param("columns", columns));
    }

    private JsonNode look(String content, String... columns) {
        var file = new MockMultipartFile("file", "syllabus", null, content.getBytes(ISO_8859_1));
        return browser.send(
                        school.student,
                        MockMvcRequestBuilders.multipart("/api/edition-files")
                                .file(file)
                                .param("columns", columns))
                .json();
    }
}
