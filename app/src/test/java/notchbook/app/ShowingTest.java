package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Collections that are shown by name, looked through and taken over; the matrix of endpoints says who may. */
class ShowingTest extends AppTest {
    private School.Desk desk;
    private final UUID id = UUID.randomUUID();
    private final UUID link = UUID.randomUUID();
    private UUID photo;

    @BeforeEach
    void aCollectionWithALinkAFileAndOwnWork() {
        desk = school.desk(school.student);
        school.photo(school.student, desk, EntryWidth.HALF);
        photo = UUID.fromString(
                browser.get(school.student, "/api/pages/" + desk.page().id())
                        .json()
                        .at("/entries/0/id")
                        .asString());
        send(school.student, "PUT", "/api/collections/" + id, "{'title':'Echoes','purpose':'For the test'}");
        put(link, "{'kind':'LINK','title':'Sonar','note':'n','url':'https://sonar.example/'}");
        put(
                UUID.randomUUID(),
                "{'kind':'FILE','title':'','note':'','mediaId':'%s'}"
                        .formatted(school.file(school.student, "table.csv", "a,b\n1,2")));
        put(UUID.randomUUID(), "{'kind':'ENTRY','title':'Our wall','note':'','entryId':'%s'}".formatted(photo));
        send(
                school.student,
                "PUT",
                "/api/collections/%s/items/%s/notches/%s".formatted(id, link, school.node("2.3a")),
                "");
    }

    private Browser.Answer send(Person person, String method, String path, String body) {
        return browser.send(person, method, path, body);
    }

    private void put(UUID item, String body) {
        send(school.student, "PUT", "/api/collections/%s/items/%s".formatted(id, item), body);
    }

    private void showToClass() {
        assertThat(send(
                                school.student,
                                "PUT",
                                "/api/collections/%s/readers/classes/%s".formatted(id, school.schoolClass.id()),
                                "")
                        .status())
                .isEqualTo(204);
    }

    private List<String> shownTo(Person reader) {
        return Browser.texts(browser.get(reader, "/api/shown-collections").json(), "id");
    }

    private JsonNode seenBy(Person reader) {
        return browser.get(reader, "/api/shown-collections/" + id).json();
    }

    @Test
    void areNobodysAtFirst() {
        assertThat(shownTo(school.classmate)).doesNotContain(id.toString());
        var readers = browser.get(school.student, "/api/collections/%s/readers".formatted(id))
                .json();
        assertThat(readers.path("classes").size() + readers.path("people").size())
                .isZero();
        assertThat(Browser.texts(readers.path("otherPeople"), "id"))
                .contains(school.classmate.id().toString(), school.teacher.id().toString())
                .doesNotContain(
                        school.otherTeacher.id().toString(), school.student.id().toString());
    }

    @Test
    void areReadByTheClassUntilTakenBack() {
        showToClass();
        assertThat(shownTo(school.classmate)).contains(id.toString());
        assertThat(shownTo(school.otherTeacher)).doesNotContain(id.toString());
        var seen = seenBy(school.classmate);
        assertThat(seen.path("of").asString()).isEqualTo(school.student.fullName());
        assertThat(Browser.texts(seen.at("/collection/items"), "title"))
                .containsExactly("Sonar", "table.csv", "Our wall");
        assertThat(seen.at("/collection/items/2/entry").has("pageId"))
                .as("their page is their own")
                .isFalse();
        var picture = seen.at("/collection/items/2/entry/pictureId").asString();
        assertThat(browser.get(school.classmate, "/api/media/" + picture + "/screen")
                        .status())
                .isEqualTo(200);
        send(school.student, "DELETE", "/api/entries/" + photo, "");
        assertThat(seenBy(school.classmate).at("/collection/items/2/entry").has("kind"))
                .isFalse();
        assertThat(browser.get(school.classmate, "/api/media/" + picture + "/screen")
                        .status())
                .as("its entry is in the bin")
                .isEqualTo(404);
        send(
                school.student,
                "DELETE",
                "/api/collections/%s/readers/classes/%s".formatted(id, school.schoolClass.id()),
                "");
        assertThat(browser.get(school.classmate, "/api/shown-collections/" + id).status())
                .isEqualTo(404);
    }

    @Test
    void hideThePictureOfAnEntryWhosePageIsInTheBin() {
        showToClass();
        var picture = seenBy(school.classmate)
                .at("/collection/items/2/entry/pictureId")
                .asString();
        assertThat(browser.get(school.classmate, "/api/media/" + picture).status())
                .isEqualTo(200);
        send(school.student, "DELETE", "/api/pages/" + desk.page().id(), "");
        assertThat(browser.get(school.classmate, "/api/media/" + picture).status())
                .isEqualTo(404);
    }

    @Test
    void areReadByWhomTheyAreShownByName() {
        var path = "/api/collections/%s/readers/people/".formatted(id);
        assertThat(send(school.student, "PUT", path + school.classmate.id(), "").status())
                .isEqualTo(204);
        assertThat(shownTo(school.classmate)).contains(id.toString());
        assertThat(shownTo(school.teacher)).doesNotContain(id.toString());
        assertThat(send(school.student, "PUT", path + school.otherTeacher.id(), "")
                        .status())
                .as("nobody of their classes")
                .isEqualTo(404);
        send(school.student, "DELETE", "/api/collections/" + id, "");
        assertThat(shownTo(school.classmate)).doesNotContain(id.toString());
    }

    @Test
    void areTakenOverOnceWithAWordOfWhoseTheyWere() {
        showToClass();
        var into = UUID.randomUUID();
        send(school.classmate, "PUT", "/api/collections/" + into, "{'title':'Mine','purpose':''}");
        var body = "{'things':[],'into':'%s'}".formatted(into);
        var taken = send(school.classmate, "POST", "/api/shown-collections/%s/taken-over".formatted(id), body)
                .json();
        assertThat(taken.path("things").asInt()).isEqualTo(2);
        assertThat(taken.path("stayed").asInt()).as("their own work").isEqualTo(1);
        send(school.classmate, "POST", "/api/shown-collections/%s/taken-over".formatted(id), body);
        var items =
                browser.get(school.classmate, "/api/collections/" + into).json().path("items");
        assertThat(Browser.texts(items, "title")).containsExactly("Sonar", "table.csv");
        assertThat(items.get(0).path("takenFrom").asString()).isEqualTo(school.student.fullName() + ": Echoes");
        var file = items.get(1).at("/media/id").asString();
        send(
                school.student,
                "DELETE",
                "/api/collections/%s/readers/classes/%s".formatted(id, school.schoolClass.id()),
                "");
        assertThat(browser.get(school.classmate, "/api/media/" + file).status())
                .as("it is their own now")
                .isEqualTo(200);
        assertThat(send(school.classmate, "POST", "/api/shown-collections/%s/taken-over".formatted(id), body)
                        .status())
                .isEqualTo(404);
    }

    private static String citing(String words, UUID thing) {
        return "{'type':'text','text':'%s','marks':[{'type':'link','attrs':{'href':'#thing-%s'}}]}"
                .formatted(words, thing);
    }

    private static JsonNode titled(JsonNode items, String title) {
        return StreamSupport.stream(items.spliterator(), false)
                .filter(item -> item.path("title").asString().equals(title))
                .findFirst()
                .orElseThrow();
    }

    private List<String> ledTo(Person reader, String collection, String note) {
        var items = browser.get(reader, collection).json().findValue("items");
        return titled(items, note).path("text").findValuesAsString("href");
    }

    @Test
    void leadOthersToWhatTheirNotesCite() {
        var radar = UUID.randomUUID();
        var paper = UUID.randomUUID();
        put(radar, "{'kind':'LINK','title':'Radar','note':'','url':'https://radar.example/'}");
        put(paper, "{'kind':'NOTE','title':'A talk in the hall','note':'No address.'}");
        put(
                UUID.randomUUID(),
                "{'kind':'NOTE','title':'Both','note':'','text':{'type':'doc','content':[{'type':'paragraph','content':[%s,%s,%s]}]}}"
                        .formatted(citing("Sonar", link), citing("Radar", radar), citing("The talk", paper)));
        showToClass();
        assertThat(ledTo(school.student, "/api/collections/" + id, "Both"))
                .containsExactly("#thing-" + link, "#thing-" + radar, "#thing-" + paper);
        assertThat(ledTo(school.classmate, "/api/shown-collections/" + id, "Both"))
                .containsExactly("https://sonar.example/", "https://radar.example/");

        var into = "/api/collections/" + UUID.randomUUID();
        send(school.classmate, "PUT", into, "{'title':'Mine','purpose':''}");
        var note = titled(seenBy(school.classmate).at("/collection/items"), "Both")
                .path("id")
                .asString();
        send(
                school.classmate,
                "POST",
                "/api/shown-collections/%s/taken-over".formatted(id),
                "{'things':['%s','%s'],'into':'%s'}".formatted(note, radar, into.substring(into.lastIndexOf('/') + 1)));
        var copies = browser.get(school.classmate, into).json().path("items");
        var copy = titled(copies, "Radar").path("id").asString();
        assertThat(ledTo(school.classmate, into, "Both"))
                .as("what came along is cited in its new place")
                .containsExactly("https://sonar.example/", "#thing-" + copy);
    }

    @Test
    void areKeptForLaterInOnePlace() {
        showToClass();
        var path = "/api/shown-collections/%s/kept-for-later".formatted(id);
        var first = send(school.classmate, "POST", path, "{'things':['%s']}".formatted(link))
                .json()
                .path("into")
                .asString();
        var before = things(first);
        var again = send(school.classmate, "POST", path, "{'things':[]}").json();
        assertThat(again.path("into").asString()).isEqualTo(first);
        assertThat(things(first)).as("the link was there already").isEqualTo(before + 1);
    }

    private int things(String collection) {
        return browser.get(school.classmate, "/api/collections/" + collection)
                .json()
                .path("items")
                .size();
    }

    @Test
    void standAtTheirPointsInOthersNotebooks() {
        var theirs = school.desk(school.classmate);
        var path = "/api/notebooks/%s/resources".formatted(theirs.notebook().id());
        assertThat(browser.get(school.classmate, path).json().toString()).doesNotContain(link.toString());
        showToClass();
        var resource = browser.get(school.classmate, path)
                .json()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(link.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(resource.path("of").asString()).isEqualTo(school.student.fullName());
    }

    @Test
    void ofTeachersAreSeenByTheirClass() {
        var theirs = UUID.randomUUID();
        send(school.teacher, "PUT", "/api/collections/" + theirs, "{'title':'To read on sound','purpose':''}");
        send(
                school.teacher,
                "PUT",
                "/api/collections/%s/readers/classes/%s".formatted(theirs, school.schoolClass.id()),
                "");
        var line = browser.get(school.student, "/api/shown-collections")
                .json()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(theirs.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(line.path("ofTeacher").asBoolean()).isTrue();
    }
}
