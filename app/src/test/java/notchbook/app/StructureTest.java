package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class StructureTest extends AppTest {
    private School.Desk desk;
    private UUID entry;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        entry = school.typed(school.student, desk, "An echo", "2.3a");
    }

    @Test
    void movesAPageToAnotherNotebookWithItsNotches() {
        var other = school.desk(school.student);
        send("POST", page() + "/place", "{'sectionId':'%s','position':0}".formatted(other.section()));
        assertThat(titles(other)).containsExactly("Timing an echo", "Timing an echo");
        assertThat(titles(desk)).isEmpty();
        assertThat(get(page()).path("entries").get(0).path("notches").get(0).asString())
                .isEqualTo(school.node("2.3a").toString());
    }

    @Test
    void putsAPageWhereItIsWished() {
        for (var title : List.of("second", "third")) {
            send(
                    "PUT",
                    "/api/pages/" + UUID.randomUUID(),
                    "{'sectionId':'%s','title':'%s'}".formatted(desk.section(), title));
        }
        send("POST", page() + "/place", "{'sectionId':'%s','position':1}".formatted(desk.section()));
        assertThat(titles(desk)).containsExactly("second", "Timing an echo", "third");
    }

    @Test
    void copiesAPageWithItsNotchesAndWhereEachEntryCameFrom() {
        var copy = UUID.randomUUID();
        var path = page() + "/copies/" + copy;
        var body = "{'sectionId':'%s'}".formatted(desk.section());
        send("PUT", path, body);
        send("PUT", path, body);
        assertThat(titles(desk)).hasSize(2);
        var copied = get("/api/pages/" + copy).path("entries");
        assertThat(copied).hasSize(1);
        assertThat(copied.get(0).path("copiedFrom").asString()).isEqualTo(entry.toString());
        assertThat(copied.get(0).path("notches")).hasSize(1);
        assertThat(copied.get(0).path("id").asString()).isNotEqualTo(entry.toString());
    }

    @Test
    void neverMovesAPageIntoAnothersSection() {
        var theirs = school.desk(school.classmate);
        var body = "{'sectionId':'%s','position':0}".formatted(theirs.section());
        assertThat(send("POST", page() + "/place", body)).isEqualTo(404);
        assertThat(send("PUT", page() + "/copies/" + UUID.randomUUID(), body)).isEqualTo(404);
        assertThat(titles(desk)).hasSize(1);
    }

    @Test
    void makesASectionForEachTeachingWeekOnce() {
        send("POST", notebook() + "/sections-for-weeks", "");
        send("POST", notebook() + "/sections-for-weeks", "");
        var weekly = get(notebook())
                .path("sections")
                .valueStream()
                .filter(section -> section.has("monday"))
                .toList();
        assertThat(weekly).hasSize(43);
        assertThat(weekly.get(11).path("title").asString()).isEqualTo("Week 12, 23 Nov");
    }

    @Test
    void saysWhichExamYearsNeedASection() {
        var path = "/api/sections/" + desk.section();
        send("PATCH", path, "{'title':'Echoes','examYears':'2029-'}");
        assertThat(section().path("isNeeded").asBoolean(true)).isFalse();
        assertThat(section().path("examYears").asString()).isEqualTo("2029-");
        assertThat(section().path("topics")).hasSize(1);
        assertThat(send("PATCH", path, "{'title':'Echoes','examYears':'next year'}"))
                .isEqualTo(422);
        send("PATCH", path, "{'title':'Echoes','topics':['%s']}".formatted(school.node("2.4")));
        assertThat(section().path("code").asString()).isEqualTo("2.4");
    }

    @Test
    void setsTheOwnTickBesideWhatTheNotchesSay() {
        send("PUT", notebook() + "/ticks/" + school.node("2.3b"), "");
        var toCover = "/api/sections/" + desk.section() + "/to-cover";
        assertThat(Browser.texts(get(toCover), "disagreement"))
                .containsExactly("Notched, but not ticked", "Ticked, but nothing is notched");
        send("DELETE", notebook() + "/ticks/" + school.node("2.3b"), "");
        assertThat(get(toCover).get(1).has("disagreement")).isFalse();
    }

    @Test
    void givesANotebookACover() {
        send("PATCH", notebook(), "{'title':'Physics','cover':'PLUM'}");
        assertThat(get(notebook()).path("notebook").path("cover").asString()).isEqualTo("PLUM");
    }

    private JsonNode section() {
        return get(notebook()).path("sections").get(0);
    }

    private String page() {
        return "/api/pages/" + desk.page().id();
    }

    private String notebook() {
        return "/api/notebooks/" + desk.notebook().id();
    }

    private int send(String method, String path, String body) {
        return browser.send(school.student, method, path, body).status();
    }

    private JsonNode get(String path) {
        return browser.get(school.student, path).json();
    }

    private List<String> titles(School.Desk of) {
        return Browser.texts(get("/api/notebooks/" + of.notebook().id()).path("pages"), "title");
    }
}
