package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Marks on things of collections, gathered with those on pages. */
class ThingMarksTest extends AppTest {
    private final UUID collection = UUID.randomUUID();
    private final UUID thing = UUID.randomUUID();
    private final UUID mark = UUID.randomUUID();
    private School.Desk desk;

    @BeforeEach
    void aThingThatHelpsWithAPoint() {
        desk = school.desk(school.student);
        send("PUT", "/api/collections/" + collection, "{'title':'Echoes','purpose':''}");
        send("PUT", of("/items/" + thing), "{'kind':'NOTE','title':'Ask about bats','note':'n'}");
        send("PUT", of("/items/%s/notches/%s".formatted(thing, school.node("2.3a"))), "");
    }

    /** The student is one for all tests, and marks on things stand in each notebook of their syllabus. */
    @AfterEach
    void leaveNoMarks() {
        send("DELETE", "/api/collections/" + collection, "");
    }

    private String of(String path) {
        return "/api/collections/" + collection + path;
    }

    private int send(String method, String path, String body) {
        return browser.send(school.student, method, path, body).status();
    }

    private int put(String body) {
        return send("PUT", "/api/things/%s/marks/%s".formatted(thing, mark), body);
    }

    private List<JsonNode> gathered(String wish) {
        return browser.get(school.student, "/api/marks" + wish)
                .json()
                .valueStream()
                .filter(one -> one.at("/mark/id").asString().equals(mark.toString()))
                .toList();
    }

    @Test
    void areGatheredUnderTheTopicsThatTheThingHelpsWith() {
        put("{'kind':'QUESTION'}");
        var found = gathered("?notebook=" + desk.notebook().id()).getFirst();
        assertThat(found.path("words").asString()).isEqualTo("Ask about bats");
        assertThat(found.at("/where/collectionId").asString()).isEqualTo(collection.toString());
        assertThat(found.at("/where/name").asString()).isEqualTo("Echoes");
        assertThat(Browser.texts(found.path("topics"), "code")).containsExactly("2.3");
        assertThat(gathered("?topic=" + school.node("2.4"))).isEmpty();
        put("{'kind':'QUESTION','answer':'They shout.'}");
        assertThat(gathered("?open=true")).isEmpty();
    }

    @Test
    void standInTheirWeekWhereTheyAreATaskWithADate() {
        put("{'kind':'TASK','due':'2026-11-26'}");
        var tasks = browser.get(school.student, "/api/weeks/2026-11-23").json().path("tasks");
        assertThat(Browser.texts(tasks, "id")).contains(mark.toString());
    }

    @Test
    void standOnTheirThingForItsOwnerAlone() {
        put("{'kind':'KEY'}");
        assertThat(seen("/api/collections/", school.student)).hasSize(1);
        send("PUT", of("/readers/classes/" + school.schoolClass.id()), "");
        assertThat(browser.get(school.classmate, "/api/shown-collections/" + collection)
                        .json()
                        .at("/collection/items/0/marks")
                        .size())
                .isZero();
        assertThat(browser.send(
                                school.classmate,
                                "PUT",
                                "/api/things/%s/marks/%s".formatted(thing, UUID.randomUUID()),
                                "{'kind':'KEY'}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void neverMoveToAnotherThingNorTieSomebodyElsesAnswer() {
        var other = UUID.randomUUID();
        send("PUT", of("/items/" + other), "{'kind':'NOTE','title':'Other','note':'n'}");
        put("{'kind':'KEY'}");
        send("PUT", "/api/things/%s/marks/%s".formatted(other, mark), "{'kind':'TASK'}");
        assertThat(gathered("").getFirst().at("/where/on").asString()).isEqualTo(thing.toString());
        var theirs = school.typed(school.classmate, school.desk(school.classmate), "Mine");
        assertThat(put("{'kind':'QUESTION','answerEntry':'%s'}".formatted(theirs)))
                .isEqualTo(404);
        send("DELETE", "/api/things/%s/marks/%s".formatted(other, mark), "");
        assertThat(gathered("")).hasSize(1);
        send("DELETE", "/api/things/%s/marks/%s".formatted(thing, mark), "");
        assertThat(gathered("")).isEmpty();
    }

    @Test
    void areGoneWhileTheirThingIsInTheBin() {
        put("{'kind':'KEY'}");
        send("DELETE", of("/items/" + thing), "");
        assertThat(gathered("")).isEmpty();
        send("POST", "/api/collections/bin/%s/restore".formatted(thing), "");
        assertThat(gathered("")).hasSize(1);
    }

    private List<JsonNode> seen(String path, Person reader) {
        return browser.get(reader, path + collection)
                .json()
                .at("/items/0/marks")
                .valueStream()
                .toList();
    }
}
