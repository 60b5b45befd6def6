package notchbook.app;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.syllabus.SyllabusFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

class EditionsTest extends AppTest {
    /** 2.3a stays, 2.3b is reworded, 2.4a is dropped, 2.5a comes; the echoes weigh 50 of 100. */
    private static final String NEXT = """
            code,parent,title,statement,weight
            2,,Sound,,100
            2.3,2,Echoes and sonar,,50
            2.3a,2.3,,Echo as reflection,
            2.3b,2.3,,Work out a distance from the time of an echo,
            2.5,2,Bats,,50
            2.5a,2.5,,How bats hunt,
            """;

    @Autowired
    private Syllabi syllabi;

    private School.Desk desk;
    private UUID next;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        next = syllabi.read(Optional.empty(), "NB-412", "Next", SyllabusFile.ofTable(NEXT.getBytes()))
                .id();
    }

    @Test
    void saysBeforehandWhatCarriesAndMovesAndGoesBack() {
        var entry = school.typed(school.student, desk, "An echo", "2.3a", "2.3b", "2.4a");
        var before = coverage();
        var preview = get("/moves/preview?editionId=" + next + "&examYear=2028&tier=CORE");
        assertThat(preview.path("after").path("marksCovered").asDouble()).isEqualTo(0.5, within(1e-9));
        assertThat(kinds(preview)).contains("SAME 2.3a 1", "REWORDED 2.3b 1", "DROPPED 2.4a 1", "ADDED 2.5a 0");

        var move = UUID.randomUUID();
        var body = "{'editionId':'%s','examYear':2029,'tier':'EXTENDED'}".formatted(next);
        assertThat(send("PUT", "/moves/" + move, body)).isEqualTo(204);
        assertThat(send("PUT", "/moves/" + move, body)).isEqualTo(204);
        assertThat(coverage().path("marksCovered").asDouble()).isEqualTo(0.5, within(1e-9));
        assertThat(plannedTopics()).isEqualTo(1);
        assertThat(get("").path("notebook").path("examYear").asInt()).isEqualTo(2029);
        assertThat(get("").path("sections").get(0).path("code").asString()).isEqualTo("2.3");

        var toLookAt = get("/moves").path("last").path("toLookAt");
        assertThat(toLookAt.size()).isEqualTo(1);
        assertThat(toLookAt.get(0).path("words").get(0).path("kind").asString()).isEqualTo("GONE");
        var line = toLookAt.get(0).path("after").path("id").asString();
        assertThat(send("PUT", "/moves/" + move + "/looked-at/" + line, "")).isEqualTo(204);
        assertThat(get("/moves").path("last").path("toLookAt").size()).isZero();

        assertThat(send("POST", "/moves/" + move + "/undo", "")).isEqualTo(204);
        assertThat(coverage()).isEqualTo(before);
        assertThat(get("").path("notebook").path("examYear").asInt()).isEqualTo(2028);
        assertThat(browser.get(school.student, "/api/entries/" + entry)
                        .json()
                        .path("notches")
                        .size())
                .isEqualTo(3);
    }

    @Test
    void takesRatingsTicksAndLooksAlong() {
        var entry = school.typed(school.student, desk, "An echo", "2.3a", "2.3b");
        var sheet = WeeklySheet.over(0, "I know why.")
                .drawing(entry)
                .rating(school.node("2.3"), 3)
                .json();
        send("PUT", "/reflections/12", sheet);
        send("PUT", "/ticks/" + school.node("2.3a"), "");
        send("PUT", "/moves/" + UUID.randomUUID(), "{'editionId':'%s','examYear':2028,'tier':'CORE'}".formatted(next));
        assertThat(coverage().path("topics").get(0).path("rating").asInt()).isEqualTo(3);
        var asked = browser.get(school.student, "/api/sections/" + desk.section() + "/to-cover")
                .json();
        assertThat(asked.get(0).path("isTicked").asBoolean()).isTrue();
    }

    @Test
    void countsAnOwnPointForItsStudentAloneAndTakesItAlong() {
        var point = UUID.randomUUID();
        var body = "{'topic':'%s','code':'2.3x','statement':'Echo in our hall'}".formatted(school.node("2.3"));
        assertThat(send("PUT", "/own-points/" + point, body)).isEqualTo(204);
        assertThat(coverage().path("topics").get(0).path("points").size()).isEqualTo(3);
        assertThat(browser.get(school.student, "/api/editions/" + school.edition.id())
                        .json()
                        .path("nodes")
                        .size())
                .isEqualTo(6);
        send("PUT", "/moves/" + UUID.randomUUID(), "{'editionId':'%s','examYear':2028,'tier':'CORE'}".formatted(next));
        assertThat(Browser.texts(coverage().path("topics").get(0).path("points"), "code"))
                .containsExactly("2.3a", "2.3b", "2.3x");
        assertThat(send("DELETE", "/own-points/" + point, "")).isEqualTo(204);
        assertThat(send("PUT", "/own-points/" + point, body.replace("2.3x", "2.3a")))
                .isEqualTo(422);
    }

    @Test
    void changesAnEditionInPlaceAndKeepsWhatIsNotched() {
        var own = syllabi.read(Optional.of(school.student), "NB-7", "Mine", SyllabusFile.ofTable(NEXT.getBytes()))
                .id();
        send("PUT", "/moves/" + UUID.randomUUID(), "{'editionId':'%s','examYear':2028,'tier':'CORE'}".formatted(own));
        var nodes = edition(own).path("nodes");
        var entry = school.typed(school.student, desk, "An echo");
        var point = nodes.get(2).path("id").asString();
        browser.send(school.student, "PUT", "/api/entries/" + entry + "/notches/" + point, "");

        assertThat(change(own, 1, rows(nodes).replace("Echo as reflection", "Echo of a wall"))
                        .status())
                .isEqualTo(200);
        assertThat(edition(own).path("nodes").get(2).path("id").asString()).isEqualTo(point);
        assertThat(coverage().path("marksCovered").asDouble()).isEqualTo(0.25, within(1e-9));
        assertThat(change(own, 1, rows(nodes)).status()).isEqualTo(409);
        assertThat(change(own, 2, rows(nodes).replace("\"2.3b\"", "\"2.3a\"")).detail())
                .isEqualTo("One thing has to be mended in this table.");
        assertThat(change(own, 2, rowsWithout(nodes, "2.3a")).detail()).contains("\"2.3a\", so it can't be taken out");
        assertThat(change(own, 2, rowsWithout(nodes, "2.5a")).status()).isEqualTo(200);
    }

    private JsonNode edition(UUID id) {
        return browser.get(school.student, "/api/editions/" + id).json();
    }

    private Browser.Answer change(UUID id, int version, String rows) {
        var body = "{'baseVersion':%d,'code':'NB-7','title':'Mine','rows':%s}".formatted(version, rows);
        return browser.send(school.student, "PUT", "/api/editions/" + id, body);
    }

    private static String rows(JsonNode nodes) {
        return rowsWithout(nodes, "");
    }

    private static String rowsWithout(JsonNode nodes, String leftOut) {
        return nodes.valueStream()
                .filter(node -> !node.path("code").asString().equals(leftOut))
                .map(node ->
                        "{\"id\":\"%s\",\"code\":\"%s\",\"parent\":\"%s\",\"text\":\"%s\",\"isPoint\":%s,\"weight\":\"%s\",\"tier\":\"CORE\",\"years\":\"\",\"note\":\"\"}"
                                .formatted(
                                        node.path("id").asString(),
                                        node.path("code").asString(),
                                        codeOf(nodes, node.path("parent").asString("")),
                                        node.path("title").asString(),
                                        node.path("kind").asString().equals("POINT"),
                                        node.path("weight").asString("")))
                .collect(joining(",", "[", "]"));
    }

    private static String codeOf(JsonNode nodes, String id) {
        return nodes.valueStream()
                .filter(node -> node.path("id").asString().equals(id))
                .map(node -> node.path("code").asString())
                .findFirst()
                .orElse("");
    }

    private JsonNode coverage() {
        return get("/coverage");
    }

    private long plannedTopics() {
        return coverage()
                .path("topics")
                .valueStream()
                .filter(topic -> topic.path("plan").isObject())
                .count();
    }

    private JsonNode get(String path) {
        return browser.get(school.student, "/api/notebooks/" + desk.notebook().id() + path)
                .json();
    }

    private int send(String method, String path, String body) {
        return browser.send(
                        school.student,
                        method,
                        "/api/notebooks/" + desk.notebook().id() + path,
                        body)
                .status();
    }

    private static List<String> kinds(JsonNode preview) {
        return preview.path("changes")
                .valueStream()
                .map(change -> {
                    var node = change.path("after").isObject() ? change.path("after") : change.path("before");
                    return change.path("kind").asString() + " "
                            + node.path("code").asString() + " "
                            + change.path("notches").asInt();
                })
                .toList();
    }
}
