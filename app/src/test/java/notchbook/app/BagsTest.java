package notchbook.app;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import com.github.f4b6a3.uuid.UuidCreator;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import notchbook.app.bag.Emptied;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Everything of a student, out in a bag and in again. */
class BagsTest extends AppTest {
    private static final Duration SOON = Duration.ofSeconds(30);
    private static final Pattern ID = Pattern.compile("\"id\":\"([^\"]+)\"");

    private static byte @Nullable [] someBag;

    @Autowired
    private DSLContext db;

    private School.NewClass of;
    private Person student;
    private School.Desk desk;
    private UUID handIn;

    @BeforeEach
    void work() {
        of = school.newClass();
        student = of.student();
        desk = school.desk(student, of.schoolClass());
        var text = school.typed(student, desk, "Sound comes back from the wall.", "2.3a");
        school.photo(student, desk, EntryWidth.HALF);
        TalkedPage.on(desk, browser, student);
        ok("PUT", "/api/entries/%s/marks/%s".formatted(text, UUID.randomUUID()), "{'kind':'TASK','due':'2026-11-27'}");
        ok(
                "PUT",
                "/api/notebooks/%s/reflections/12".formatted(desk.notebook().id()),
                WeeklySheet.over(0, "I timed an echo.", "It came back sooner.", "Again")
                        .drawing(text)
                        .json());
        ok("PUT", "/api/prompt-sets/" + UUID.randomUUID(), PromptSetsTest.set("Mine", "2026-11-30", "Why?"));
        var collection = UUID.randomUUID();
        ok("PUT", "/api/collections/" + collection, "{'title':'Walls','purpose':'For the practical'}");
        ok(
                "PUT",
                "/api/collections/%s/items/%s".formatted(collection, UUID.randomUUID()),
                "{'kind':'NOTE','title':'Gym','note':'Measure it.'}");
        sealed(text);
    }

    /** A version that came back with a remark, and an answer to it. */
    private void sealed(UUID text) {
        handIn = UUID.randomUUID();
        var path = "/api/hand-ins/" + handIn;
        var remark = UUID.randomUUID();
        ok(
                "PUT",
                path,
                Sealing.section(
                        desk.section(),
                        school.setWork(of.teacher(), of.schoolClass()).id()));
        teacher("POST", path + "/open", "");
        teacher(
                "PUT",
                path + "/remarks/" + remark,
                "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'Which wall?'}".formatted(text));
        teacher("POST", path + "/sent-back", "");
        ok("PUT", "/api/remarks/%s/answer".formatted(remark), "{'words':'The gym.'}");
    }

    @Test
    void comesBackAsItWas() {
        var before = BagFiles.of(made(Map.of()));
        Emptied.of(db, student.id());
        assertThat(browser.get(student, "/api/notebooks").json()).isEmpty();

        var taken = taken(brought(before.packed()));
        assertThat(taken.path("state").asString()).isEqualTo("TAKEN");
        assertThat(taken.at("/found/sealsHold").asInt()).isEqualTo(1);
        assertThat(taken.at("/found/lost").asInt()).isZero();

        var after = BagFiles.of(made(Map.of()));
        assertThat(after.files().keySet()).isEqualTo(before.files().keySet());
        before.files().forEach((path, content) -> assertThat(elsewhere(after.text(path), before))
                .as(path)
                .isEqualTo(elsewhere(new String(content, UTF_8), before)));
    }

    /** The school's own things came in under ids that only this student's bags lead to, and nobody asks for them any more. */
    private String elsewhere(String text, BagFiles before) {
        var renamed = text.replaceAll(",\"taken_back_at\":\"[^\"]+\"", "");
        for (var table : List.of("person", "school_class", "set_work")) {
            var ids = ID.matcher(before.records(table));
            while (ids.find()) {
                if (!ids.group(1).equals(student.id().toString())) {
                    renamed = renamed.replace(
                            ids.group(1),
                            UuidCreator.getNameBasedSha1(student.id(), table + " " + ids.group(1))
                                    .toString());
                }
            }
        }
        return renamed.lines().sorted().toList().toString();
    }

    @Test
    void isReadWithTheWordsOfItsTeacherWhereSheIsNot() {
        var bag = made(Map.of());
        Emptied.of(db, student.id());
        taken(brought(bag));
        var version = browser.get(student, "/api/hand-ins/" + handIn).json();
        assertThat(version.at("/remarks/0/words").asString()).isEqualTo("Which wall?");
        assertThat(version.at("/remarks/0/author").asString()).isEqualTo("The brook");
        assertThat(version.at("/remarks/0/answer").asString()).isEqualTo("The gym.");
        assertThat(browser.get(student, "/api/hand-ins/" + handIn + "/seal")
                        .json()
                        .path("holds")
                        .asBoolean())
                .isTrue();
        assertThat(Browser.texts(
                        browser.get(student, "/api/find?words=wall").json().path("entries"), "id"))
                .isNotEmpty();
    }

    @Test
    void keepsTheSealOfAnotherNotchbookAndSignsNothingInItsPlace() {
        db.execute(
                "update seal_key set private_key = null where id = (select key_id from hand_in where id = ?)", handIn);
        var seal = browser.get(student, "/api/hand-ins/" + handIn + "/seal").json();
        assertThat(seal.path("holds").asBoolean()).isTrue();
        assertThat(seal.path("isElsewhere").asBoolean()).isTrue();
        assertThat(Browser.texts(browser.get(student, "/api/seal-keys").json(), "fingerprint"))
                .doesNotContain(seal.path("fingerprint").asString());
        var pdf = new CopiedFiles(browser).of(student, "VERSION", handIn, "PDF").getContentAsByteArray();
        assertThat(new String(pdf, ISO_8859_1)).startsWith("%PDF").doesNotContain("/ByteRange");
    }

    @Test
    void isNoWayIntoTheTeachersRegister() {
        var bag = made(Map.of());
        Emptied.of(db, student.id());
        taken(brought(bag));
        assertThat(browser.get(of.teacher(), "/api/hand-ins/" + handIn).status())
                .isEqualTo(404);
        assertThat(Browser.texts(
                        browser.get(school.keeper, "/api/school").json().path("classes"), "name"))
                .filteredOn("10C"::equals)
                .as("classes that only a bag tells of are not looked after here")
                .hasSameSizeAs(db.fetch("select id from school_class where name = '10C' and brought_by is null"));
    }

    @Test
    void leavesWhatIsHereAlreadyAsItIs() {
        var bag = made(Map.of("notebookId", desk.notebook().id().toString()));
        ok("PATCH", "/api/notebooks/" + desk.notebook().id(), "{'title':'Waves'}");
        var bringing = brought(bag);
        assertThat(bringing.at("/found/notebooks/0/isHere").asBoolean()).isTrue();
        assertThat(taken(bringing).path("state").asString()).isEqualTo("TAKEN");
        assertThat(Browser.texts(browser.get(student, "/api/notebooks").json(), "title"))
                .containsExactly("Waves");
    }

    @Test
    void saysWhichFileIsDamagedAndTakesNothingIn() {
        var bag = made(Map.of());
        Emptied.of(db, student.id());
        var text = new String(bag, ISO_8859_1);
        var jpeg = text.indexOf("\u00FF\u00D8\u00FF");
        bag[jpeg + 100] ^= 1;
        var bringing = brought(bag);
        assertThat(bringing.path("state").asString()).isEqualTo("DAMAGED");
        assertThat(bringing.at("/found/faults/0/path").asString()).startsWith("data/media/");
        assertThat(bringing.at("/found/faults/0/words").asString()).contains("not what it was");
        var path = "/api/brought-bags/" + bringing.path("id").asString() + "/taking";
        assertThat(browser.send(student, "POST", path, "").status()).isEqualTo(409);
        assertThat(browser.get(student, "/api/notebooks").json()).isEmpty();
    }

    static Stream<Arguments> forgeries() {
        return Stream.of(
                forgery("a picture that is a page", "media", bag -> bag.files()
                        .replaceAll((path, content) ->
                                path.startsWith("media/") && path.endsWith(".jpg") && !path.contains("small")
                                        ? "<html><script>alert(1)</script>".getBytes(UTF_8)
                                        : content)),
                forgery(
                        "a sound that says it is a film",
                        "media",
                        bag -> bag.setRecords("media", bag.records("media").replace("audio/wav", "video/mp4"))),
                forgery("a picture of somebody else's", "entry", bag -> bag.setRecords("media", "")),
                forgery(
                        "a section in a notebook that did not come along",
                        "section",
                        bag -> bag.setRecords("notebook", "")),
                forgery(
                        "a page that is its own section",
                        "page",
                        bag -> bag.setRecords(
                                "page",
                                bag.records("page")
                                        .replaceAll(
                                                "\"section_id\":\"[^\"]+\"",
                                                "\"section_id\":\"" + UUID.randomUUID() + "\""))),
                forgery(
                        "an entry of no kind",
                        "entry",
                        bag -> bag.setRecords("entry", bag.records("entry").replace("\"TYPED\"", "\"SPELL\""))),
                forgery(
                        "a text that is none",
                        "entry",
                        bag -> bag.setRecords(
                                "entry", bag.records("entry").replace("\\\"paragraph\\\"", "\\\"script\\\""))),
                forgery(
                        "a pattern that can't be read",
                        "",
                        bag -> bag.setRecords(
                                "page", bag.records("page").replaceAll("\"pattern\":\"\\{", "\"pattern\":\"{{"))),
                forgery(
                        "a source that can't be read",
                        "",
                        bag -> bag.setRecords(
                                "collection_item",
                                bag.records("collection_item").replace("\"source\":\"\"", "\"source\":\"{{\""))),
                forgery(
                        "values that can't be read",
                        "",
                        bag -> bag.setRecords(
                                "collection_item",
                                bag.records("collection_item")
                                        .replace("\"detail_values\":\"{}\"", "\"detail_values\":\"[1]\""))),
                forgery(
                        "the same row twice",
                        "page",
                        bag -> bag.setRecords("page", bag.records("page").repeat(2))),
                forgery("a line that is no row", "notch", bag -> bag.setRecords("notch", "[1, 2]\nnull\n")),
                forgery("a line that is no JSON", "mark", bag -> bag.setRecords("mark", "{\"id\":")),
                forgery(
                        "a row without its id",
                        "collection",
                        bag -> bag.setRecords("collection", "{\"title\":\"Walls\"}\n")),
                forgery(
                        "a title that is too long",
                        "section",
                        bag -> bag.setRecords("section", bag.records("section").replace("Echoes", "E".repeat(500)))),
                forgery(
                        "another digest",
                        "media",
                        bag -> bag.setRecords(
                                "media",
                                bag.records("media").replaceAll("\"sha256\":\"[0-9a-f]{4}", "\"sha256\":\"0000"))));
    }

    /** {@code table} is where it is found out. */
    private static Arguments forgery(String name, String table, Consumer<BagFiles> change) {
        return arguments(Named.of(name, change), table);
    }

    /** All digests of a forged bag are right, and none of its things is here under its id. */
    @ParameterizedTest
    @MethodSource("forgeries")
    void takesNothingOfAForgedBag(Consumer<BagFiles> forge, String table) {
        var bag = BagFiles.of(any()).underNewIds();
        forge.accept(bag);
        var taken = taken(brought(bag.packed()));
        assertThat(taken.path("state").asString()).isEqualTo("FAILED");
        assertThat(taken.path("words").asString())
                .contains(table.isEmpty() ? "in this bag can't be read" : "records/" + table + ".jsonl")
                .endsWith("taken in.");
        assertThat(browser.get(student, "/api/notebooks").json()).hasSize(1);
        assertThat(browser.get(student, "/api/collections").json()).hasSize(1);
    }

    /** All versions of a piece of work are listed together, so nobody else's may be among them. */
    @Test
    void takesNoVersionOfSomebodyElsesWork() {
        var bag = BagFiles.of(any()).underNewIds();
        bag.setRecords(
                "hand_in",
                bag.records("hand_in").replaceAll("\"work_id\":\"[^\"]+\"", "\"work_id\":\"" + handIn + "\""));
        student = school.newClass().student();
        var taken = taken(brought(bag.packed()));
        assertThat(taken.path("words").asString()).contains("records/hand_in.jsonl");
        assertThat(browser.get(student, "/api/notebooks").json()).isEmpty();
    }

    @Test
    void takesWhatIsNewUnderIdsThatNothingHas() {
        var taken = taken(brought(BagFiles.of(any()).underNewIds().packed()));
        assertThat(taken.path("state").asString())
                .as(taken.path("words").asString())
                .isEqualTo("TAKEN");
        assertThat(browser.get(student, "/api/notebooks").json()).hasSize(2);
    }

    static Stream<Arguments> others() {
        return Stream.of(
                arguments("Notchbook-Records", "999999", "This bag was made by a newer Notchbook."),
                arguments("Notchbook-Records", "none", "This bag was made by another program."),
                arguments("Notchbook-Person", "me", "This bag does not say whose work it is."));
    }

    @ParameterizedTest
    @MethodSource("others")
    void takesOnlyBagsThatItKnows(String label, String value, String words) {
        var bag = BagFiles.of(any());
        bag.info().put(label, value);
        var bringing = brought(bag.packed());
        assertThat(bringing.path("state").asString()).isEqualTo("FAILED");
        assertThat(bringing.path("words").asString()).startsWith(words);
    }

    @Test
    void belongsToOnePerson() {
        var id = UUID.randomUUID();
        ok("PUT", "/api/bags/" + id, "{}");
        assertThat(browser.get(school.classmate, "/api/bags/" + id + "/file").status())
                .isEqualTo(404);
        assertThat(browser.send(school.classmate, "DELETE", "/api/bags/" + id, "")
                        .status())
                .isEqualTo(404);
        assertThat(browser.send(school.classmate, "PUT", "/api/bags/" + id, "{}")
                        .status())
                .isEqualTo(404);
        var body = "{'notebookId':'%s'}".formatted(desk.notebook().id());
        assertThat(browser.send(school.classmate, "PUT", "/api/bags/" + UUID.randomUUID(), body)
                        .status())
                .isEqualTo(404);
        ok("DELETE", "/api/bags/" + id, "");
        var bringing = brought(BagFiles.of(made(Map.of())).packed()).path("id").asString();
        assertThat(browser.send(school.classmate, "POST", "/api/brought-bags/" + bringing + "/taking", "")
                        .status())
                .isEqualTo(404);
        assertThat(browser.send(school.classmate, "DELETE", "/api/bags/" + bringing, "")
                        .status())
                .isEqualTo(404);
    }

    /** A bag of some student's. */
    private byte[] any() {
        if (someBag == null) {
            someBag = made(Map.of());
        }
        return someBag.clone();
    }

    private byte[] made(Map<String, String> of) {
        var id = UUID.randomUUID();
        var body = of.entrySet().stream()
                .map(field -> "'%s':'%s'".formatted(field.getKey(), field.getValue()))
                .toList();
        ok("PUT", "/api/bags/" + id, "{" + String.join(",", body) + "}");
        settled("made", id.toString(), "WAITING");
        var file = browser.get(student, "/api/bags/" + id + "/file").response().getContentAsByteArray();
        ok("DELETE", "/api/bags/" + id, "");
        return file;
    }

    private JsonNode brought(byte[] bag) {
        var id = UUID.randomUUID();
        var upload = new TusUpload(browser, "/api/bag-uploads").whole(student, bag);
        ok("PUT", "/api/brought-bags/" + id, "{'upload':'%s','name':'bag.zip'}".formatted(upload));
        return settled("brought", id.toString(), "LOOKING");
    }

    private JsonNode taken(JsonNode brought) {
        var id = brought.path("id").asString();
        assertThat(brought.path("state").asString()).as(brought.toString()).isEqualTo("WHOLE");
        ok("POST", "/api/brought-bags/" + id + "/taking", "");
        return settled("brought", id, "TAKING");
    }

    /** A bag once it is no longer worked on. */
    private JsonNode settled(String list, String id, String atWork) {
        return await().atMost(SOON)
                .until(
                        () -> browser.get(student, "/api/bags")
                                .json()
                                .path(list)
                                .valueStream()
                                .filter(bag -> bag.path("id").asString().equals(id))
                                .findFirst()
                                .orElseThrow(),
                        bag -> !bag.path("state").asString().equals(atWork));
    }

    private void teacher(String method, String path, String body) {
        assertOk(browser.send(of.teacher(), method, path, body));
    }

    private void ok(String method, String path, String body) {
        assertOk(browser.send(student, method, path, body));
    }

    private static void assertOk(Browser.Answer answer) {
        assertThat(answer.status()).as(answer.detail()).isBetween(200, 204);
    }
}
