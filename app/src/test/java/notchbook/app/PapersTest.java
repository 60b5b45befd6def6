package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

class PapersTest extends AppTest {
    private static final String RUN =
            "{'firstYear':2026,'lastYear':2027,'sittings':['summer'],'papers':['1','2'],'variants':[]}";

    private School.Desk desk;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
    }

    @Test
    void setsUpARunInOneStepAndNothingTwice() {
        assertThat(send("POST", "/papers", RUN).status()).isEqualTo(204);
        assertThat(send("POST", "/papers", RUN.replace("2027", "2028")).status())
                .isEqualTo(204);
        assertThat(names())
                .containsExactly(
                        "2028 summer, paper 1",
                        "2028 summer, paper 2",
                        "2027 summer, paper 1",
                        "2027 summer, paper 2",
                        "2026 summer, paper 1",
                        "2026 summer, paper 2");
    }

    @Test
    void countsQuestionsForTheirTopicInCoverageAndShowsItsTrend() {
        keep(UUID.randomUUID(), "1", "2026-11-10", 1);
        keep(UUID.randomUUID(), "2", "2026-11-20", 3);
        var topic = get("/coverage").path("topics").get(0);
        assertThat(topic.path("paper").asDouble()).isEqualTo(0.75, within(1e-9));
        var trend = get("/papers").path("trends").get(0);
        assertThat(trend.path("direction").asString()).isEqualTo("UP");
        assertThat(trend.path("marks").size()).isEqualTo(2);
    }

    @Test
    void leavesAsCsvAndComesBackAsTheSame() {
        keep(UUID.randomUUID(), "1", "2026-11-10", 1);
        send("POST", "/papers", RUN);
        var before = get("/papers");
        var csv = browser.get(school.student, path("/papers.csv")).response().getContentAsByteArray();
        var other = school.desk(school.student);
        assertThat(upload(school.student, other, csv).status()).isEqualTo(204);
        assertThat(upload(school.student, other, csv).status()).isEqualTo(204);
        var again = browser.get(
                        school.student, "/api/notebooks/" + other.notebook().id() + "/papers")
                .json();
        assertThat(again.path("trends")).isEqualTo(before.path("trends"));
        assertThat(Browser.texts(again.path("papers"), "name")).isEqualTo(names());
    }

    @Test
    void refusesAFileWholeWithItsLines() {
        var answer = upload(school.student, desk, "year,paper,done on,topic\n2027,1,,\n2027,2,soon,\n".getBytes(UTF_8));
        assertThat(answer.json().path("lines").get(0).path("line").asInt()).isEqualTo(3);
        assertThat(names()).isEmpty();
        assertThat(upload(school.classmate, desk, "year\n2027".getBytes(UTF_8)).status())
                .isEqualTo(404);
    }

    @Test
    void keepsPaperAndMarkedScriptBesideIt() {
        var script = school.file(school.student, "script.pdf", Samples.pdf());
        var paper = UUID.randomUUID();
        var body = "{'year':2027,'sitting':'','variant':'','paper':'1','scriptFile':'%s'}";
        assertThat(send("PUT", "/papers/" + paper, body.formatted(script)).status())
                .isEqualTo(204);
        assertThat(get("/papers").path("papers").get(0).path("scriptFile").asString())
                .isEqualTo(script.toString());
        var foreign = school.file(school.classmate, "other.pdf", Samples.pdf());
        assertThat(send("PUT", "/papers/" + paper, body.formatted(foreign)).status())
                .isEqualTo(404);
    }

    private void keep(UUID id, String paper, String day, int marks) {
        var parts =
                "{'question':'1a','topic':'%1$s','marks':%2$d,'outOf':3},{'question':'1b','topic':'%1$s','marks':0,'outOf':1}"
                        .formatted(school.node("2.3"), marks);
        assertThat(send(
                                "PUT",
                                "/papers/" + id,
                                "{'year':2027,'sitting':'summer','variant':'','paper':'%s','done':{'day':'%s','minutes':45,'parts':[%s]}}"
                                        .formatted(paper, day, parts))
                        .status())
                .isEqualTo(204);
    }

    private List<String> names() {
        return Browser.texts(get("/papers").path("papers"), "name");
    }

    private JsonNode get(String path) {
        return browser.get(school.student, path(path)).json();
    }

    private Browser.Answer send(String method, String path, String body) {
        return browser.send(school.student, method, path(path), body);
    }

    private Browser.Answer upload(Person reader, School.Desk to, byte[] csv) {
        return browser.send(
                reader,
                MockMvcRequestBuilders.multipart(
                                "/api/notebooks/" + to.notebook().id() + "/papers.csv")
                        .file(new MockMultipartFile("file", "papers.csv", null, csv)));
    }

    private String path(String path) {
        return "/api/notebooks/" + desk.notebook().id() + path;
    }
}
