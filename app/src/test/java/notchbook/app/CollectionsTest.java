package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Resources gathered for a purpose, in the student's own order. */
class CollectionsTest extends AppTest {
    private final UUID collection = UUID.randomUUID();
    private School.Desk desk;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + collection,
                "{'title':'Sea defences','purpose':'For the write-up'}");
    }

    @Test
    void keepTheOrderTheyAreGivenAndPutTheUnnamedLast() {
        var ids = new ArrayList<UUID>();
        for (var title : List.of("a", "b", "c", "d")) {
            ids.add(note(title));
        }
        order(ids.get(3), ids.get(1), UUID.randomUUID());
        assertThat(titles()).containsExactly("d", "b", "a", "c");
    }

    @Test
    void standWithThePointsTheyAreNotchedToAndCoverNothing() {
        var item = note("How bats hunt");
        var notch = "/api/collections/%s/items/%s/notches/%s".formatted(collection, item, school.node("2.3a"));
        assertThat(browser.send(school.student, "PUT", notch, "").status()).isEqualTo(204);
        assertThat(browser.send(school.classmate, "PUT", notch, "").status()).isEqualTo(404);
        var notebook = "/api/notebooks/" + desk.notebook().id();
        var resources = browser.get(school.student, notebook + "/resources").json();
        assertThat(Browser.texts(resources, "title")).containsExactly("How bats hunt");
        assertThat(resources.get(0).path("collection").asString()).isEqualTo("Sea defences");
        assertThat(browser.get(school.student, notebook + "/coverage")
                        .json()
                        .path("marksCovered")
                        .asDouble())
                .isZero();
        browser.send(school.student, "DELETE", notch, "");
        assertThat(browser.get(school.student, notebook + "/resources").json().size())
                .isZero();
    }

    @Test
    void haveACoverThatIsAPictureOfOnesOwn() {
        var picture = school.photo(school.student, desk, EntryWidth.HALF);
        var others = school.photo(school.classmate, school.desk(school.classmate), EntryWidth.HALF);
        assertThat(cover(picture)).isEqualTo(204);
        assertThat(cover(others)).isEqualTo(404);
        assertThat(cover(school.file(school.student, "table.csv", "a,b\n1,2"))).isEqualTo(422);
        note("How bats hunt");
        var line = line();
        assertThat(line.path("coverId").asString()).isEqualTo(picture.toString());
        assertThat(line.path("kinds").get(0).asString()).isEqualTo("NOTE");
        browser.send(school.student, "PUT", "/api/collections/%s/cover".formatted(collection), "{}");
        assertThat(line().has("coverId")).isFalse();
    }

    private int cover(UUID picture) {
        return browser.send(
                        school.student,
                        "PUT",
                        "/api/collections/%s/cover".formatted(collection),
                        "{'pictureId':'%s'}".formatted(picture))
                .status();
    }

    private JsonNode line() {
        return browser.get(school.student, "/api/collections")
                .json()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(collection.toString()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void standAsAWholeWithThePointsThatTheyHelpWith() {
        var path = "/api/collections/%s/notches/%s".formatted(collection, school.node("2.3a"));
        assertThat(browser.send(school.student, "PUT", path, "").status()).isEqualTo(204);
        assertThat(browser.send(school.classmate, "PUT", path, "").status()).isEqualTo(404);
        var resources = "/api/notebooks/" + desk.notebook().id() + "/resources";
        var found = browser.get(school.student, resources).json();
        assertThat(found.get(0).path("kind").asString()).isEqualTo("COLLECTION");
        assertThat(found.get(0).path("title").asString()).isEqualTo("Sea defences");
        browser.send(school.student, "DELETE", path, "");
        assertThat(browser.get(school.student, resources).json().size()).isZero();
    }

    @Test
    void holdPagesVersionsAndOtherCollectionsOfOnesOwn() {
        var page = desk.page().id();
        school.typed(school.student, desk, "An echo off the hall wall");
        var version = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/hand-ins/" + version, Sealing.unasked(page));
        var other = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/collections/" + other, "{'title':'Bats','purpose':''}");
        assertThat(leads("PAGE", page)).isEqualTo(204);
        assertThat(leads("VERSION", version)).isEqualTo(204);
        assertThat(leads("COLLECTION", other)).isEqualTo(204);
        assertThat(leads("PAGE", UUID.randomUUID())).isEqualTo(422);
        assertThat(leads("PAGE", version)).isEqualTo(422);
        assertThat(titles()).containsExactly(desk.page().title(), desk.page().title() + ", version 1", "Bats");
        var sent = browser.get(school.student, "/api/readiness/preview?collection=" + collection)
                .json()
                .path("pages")
                .toString();
        assertThat(sent).as("a page is sent whole").contains("An echo off the hall wall");
        browser.send(school.student, "DELETE", "/api/collections/" + other, "");
        browser.send(school.student, "DELETE", "/api/pages/" + page, "");
        var items = browser.get(school.student, "/api/collections/" + collection)
                .json()
                .path("items");
        assertThat(Browser.texts(items, "title")).as("names stay").hasSize(3);
        assertThat(items.get(0).at("/leadsTo/name").asString()).as("in the bin").isEmpty();
        assertThat(items.get(1).at("/leadsTo/name").asString()).endsWith("version 1");
        assertThat(items.get(2).at("/leadsTo/name").asString()).as("in the bin").isEmpty();
    }

    private int leads(String kind, UUID to) {
        return browser.send(
                        school.student,
                        "PUT",
                        "/api/collections/%s/items/%s".formatted(collection, UUID.randomUUID()),
                        "{'kind':'%s','title':'','note':'','leadsTo':'%s'}".formatted(kind, to))
                .status();
    }

    @Test
    void comeBackWholeFromTheBinAndSoDoTheirThings() {
        var item = note("How bats hunt");
        var path = "/api/collections/" + collection;
        browser.send(school.student, "DELETE", path + "/items/" + item, "");
        assertThat(titles()).isEmpty();
        restore(item);
        assertThat(titles()).containsExactly("How bats hunt");
        browser.send(school.student, "DELETE", path, "");
        assertThat(browser.get(school.student, path).status()).isEqualTo(404);
        assertThat(Browser.texts(
                        browser.get(school.student, "/api/collections/bin").json(), "title"))
                .contains("Sea defences");
        restore(collection);
        assertThat(titles()).containsExactly("How bats hunt");
    }

    private void restore(UUID id) {
        var way = "/api/collections/bin/" + id + "/restore";
        assertThat(browser.send(school.classmate, "POST", way, "").status()).isEqualTo(404);
        assertThat(browser.send(school.student, "POST", way, "").status()).isEqualTo(204);
    }

    @Test
    void takeTheSameThingTwiceAsOne() {
        var id = UUID.randomUUID();
        add(id, "{'kind':'NOTE','title':'once','note':'n'}");
        add(id, "{'kind':'NOTE','title':'twice','note':'n'}");
        assertThat(titles()).containsExactly("once");
    }

    @ParameterizedTest
    @CsvSource({
        "https://skerrow.example/wall, https://skerrow.example/wall",
        "skerrow.example/wall, https://skerrow.example/wall",
        "http://skerrow.example, http://skerrow.example"
    })
    void takeALinkAsItIsTyped(String typed, String address) {
        add(UUID.randomUUID(), "{'kind':'LINK','title':'','note':'','url':'" + typed + "'}");
        assertThat(items().get(0).path("url").asString()).isEqualTo(address);
        assertThat(items().get(0).path("title").asString()).isEqualTo("skerrow.example");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "javascript:alert(1)",
                "data:text/html,x",
                "file:///etc/passwd",
                "vbscript:x",
                " ",
                "ftp://skerrow.example",
                "https://",
                "https://marlo:pw@skerrow.example"
            })
    void refuseWhatIsNoWebAddress(String typed) {
        var answer = add(UUID.randomUUID(), "{'kind':'LINK','title':'t','note':'','url':'" + typed + "'}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(titles()).isEmpty();
    }

    @Test
    void takeOwnEntriesAndNobodyElses() {
        var mine = school.typed(school.student, desk, "An echo");
        var theirs = school.typed(school.classmate, school.desk(school.classmate), "Theirs");
        assertThat(addEntry(mine).status()).isLessThan(300);
        assertThat(addEntry(theirs).status()).isEqualTo(404);
        assertThat(titles()).containsExactly("Echo");
    }

    @Test
    void sayWhenAnEntryWentToTheBin() {
        var entry = school.typed(school.student, desk, "An echo");
        addEntry(entry);
        browser.send(school.student, "DELETE", "/api/entries/" + entry, "");
        assertThat(items().get(0).path("entry").path("entryId").asString()).isEqualTo(entry.toString());
        assertThat(items().get(0).path("entry").has("pageId")).isFalse();
    }

    @Test
    void takeOwnFilesAndNobodyElses() {
        var mine = upload();
        assertThat(addFile(mine).status()).isLessThan(300);
        var theirs = UUID.randomUUID();
        browser.upload(school.classmate, theirs, "theirs.jpg", Samples.jpeg());
        assertThat(addFile(theirs).status()).isEqualTo(404);
        assertThat(titles()).containsExactly("wall.jpg");
    }

    @Test
    void leaveTheOthersWhenOneIsTakenOut() {
        var first = note("a");
        note("b");
        browser.send(school.student, "DELETE", "/api/collections/" + collection + "/items/" + first, "");
        assertThat(titles()).containsExactly("b");
    }

    @Test
    void holdNotesThatAreWrittenLikePages() {
        var id = UUID.randomUUID();
        var text =
                "{'type':'doc','content':[{'type':'heading','attrs':{'level':2},'content':[{'type':'text','text':'Dunes'}]},"
                        + "{'type':'paragraph','content':[{'type':'text','text':'They move.','marks':[{'type':'bold'}]}]}]}";
        add(id, "{'kind':'NOTE','title':'Dunes','note':'','text':%s}".formatted(text));
        assertThat(item(id).path("note").asString()).isEqualTo("Dunes\nThey move.");
        assertThat(item(id).at("/text/content/1/content/0/marks/0/type").asString())
                .isEqualTo("bold");
        assertThat(tell(id, "{'text':{'type':'doc','content':[{'type':'script'}]}}"))
                .isEqualTo(422);
        assertThat(tell(id, "{'note':'%s'}".formatted("w".repeat(4_001)))).isEqualTo(422);
        assertThat(item(id).path("note").asString()).as("nothing is half done").isEqualTo("Dunes\nThey move.");
        tell(id, "{'note':'Words alone.'}");
        assertThat(item(id).path("note").asString()).isEqualTo("Words alone.");
        assertThat(item(id).path("text").isMissingNode()).isTrue();
    }

    private int tell(UUID id, String body) {
        return browser.send(school.student, "PATCH", "/api/collections/" + collection + "/items/" + id, body)
                .status();
    }

    private JsonNode item(UUID id) {
        return browser.get(school.student, "/api/collections/" + collection)
                .json()
                .path("items")
                .valueStream()
                .filter(item -> item.path("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
    }

    private UUID note(String title) {
        var id = UUID.randomUUID();
        add(id, "{'kind':'NOTE','title':'" + title + "','note':'n'}");
        return id;
    }

    private UUID upload() {
        var id = UUID.randomUUID();
        browser.upload(school.student, id, "wall.jpg", Samples.jpeg());
        return id;
    }

    private Browser.Answer addFile(UUID media) {
        return add(UUID.randomUUID(), "{'kind':'FILE','title':'','note':'','mediaId':'" + media + "'}");
    }

    private Browser.Answer addEntry(UUID entry) {
        return add(UUID.randomUUID(), "{'kind':'ENTRY','title':'Echo','note':'','entryId':'" + entry + "'}");
    }

    private Browser.Answer add(UUID id, String body) {
        return browser.send(school.student, "PUT", "/api/collections/" + collection + "/items/" + id, body);
    }

    private void order(UUID... ids) {
        var list = String.join("','", List.of(ids).stream().map(UUID::toString).toList());
        browser.send(school.student, "POST", "/api/collections/" + collection + "/order", "{'items':['" + list + "']}");
    }

    private JsonNode items() {
        return browser.get(school.student, "/api/collections/" + collection)
                .json()
                .path("items");
    }

    private List<String> titles() {
        return Browser.texts(items(), "title");
    }
}
