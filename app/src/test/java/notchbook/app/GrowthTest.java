package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.entry.EntryWidth;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Pieces of work in order of time, what changed between two of them, and the pairs that are kept. */
class GrowthTest extends AppTest {
    private School.Desk desk;
    private List<UUID> pieces;
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void piecesOfThreeWeeks() {
        desk = school.desk(school.student);
        pieces = List.of(
                typed("2026-11-04", "A first echo", "2.3a"),
                typed("2026-11-12", "A second echo", "2.3a"),
                typed("2026-11-20", "A third echo, twice", "2.3a", "2.3b"));
    }

    private UUID typed(String day, String words, String... codes) {
        var entry = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/entries/" + entry,
                "{'baseVersion':0,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL','madeAt':'%sT10:00:00Z'}"
                        .formatted(desk.page().id(), School.doc(words), day));
        Stream.of(codes)
                .forEach(code -> browser.send(
                        school.student, "PUT", "/api/entries/" + entry + "/notches/" + school.node(code), ""));
        return entry;
    }

    private JsonNode growth(String more) {
        return browser.get(
                        school.student,
                        "/api/growth?notebook=" + desk.notebook().id() + more)
                .json();
    }

    private JsonNode ofEchoes(String more) {
        return growth("&node=" + school.node("2.3") + more);
    }

    /** A pair as a device sends it. */
    static String pair(UUID earlier, UUID later, int baseVersion, String words) {
        return "{'earlier':'%s','later':'%s','baseVersion':%d,'words':'%s'}"
                .formatted(earlier, later, baseVersion, words);
    }

    private Browser.Answer keep(String body) {
        return browser.send(school.student, "PUT", "/api/then-and-nows/" + id, body);
    }

    private JsonNode kept() {
        return browser.get(school.student, "/api/then-and-nows").json();
    }

    private boolean isKept() {
        return kept().valueStream()
                .anyMatch(line -> line.at("/pair/id").asString().equals(id.toString()));
    }

    @Test
    void setsTheFirstBesideTheLatestAndSaysWhatChanged() {
        var view = ofEchoes("");
        assertThat(view.path("count").asInt()).isEqualTo(3);
        assertThat(view.at("/beside/earlier/entry/id").asString())
                .isEqualTo(pieces.getFirst().toString());
        assertThat(view.at("/beside/later/entry/id").asString())
                .isEqualTo(pieces.getLast().toString());
        assertThat(view.at("/beside/changes").toString())
                .contains("points this work is evidence for", "2.3b since 20 Nov");
        assertThat(view.at("/beside/next").toString()).isEqualTo("{\"earlier\":0,\"later\":1}");
    }

    @Test
    void setsAnyTwoBesideEachOther() {
        var view = ofEchoes("&earlier=1&later=2");
        assertThat(view.at("/beside/earlier/name").asString()).isEqualTo("A second echo");
        assertThat(view.at("/beside/next").toString()).isEqualTo("{\"earlier\":0,\"later\":2}");
    }

    @ParameterizedTest
    @CsvSource({"&earlier=0&later=9, 404", "&earlier=2&later=1, 422", "&earlier=-1&later=1, 422"})
    void refusesPiecesThatAreNotThere(String pair, int status) {
        var path = "/api/growth?notebook=" + desk.notebook().id() + pair;
        assertThat(browser.get(school.student, path).status()).isEqualTo(status);
    }

    @Test
    void asksForTheNotebookOfATopic() {
        assertThat(browser.get(school.student, "/api/growth?node=" + school.node("2.3"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void narrowsToWhatIsAskedFor() {
        school.photo(school.student, desk, EntryWidth.HALF);
        assertThat(growth("&node=" + school.node("2.3b")).at("/only/name").asString())
                .isEqualTo("A third echo, twice");
        assertThat(growth("&kind=PHOTO").at("/only/entry/kind").asString()).isEqualTo("PHOTO");
        assertThat(growth("&kind=TYPED").path("count").asInt()).isEqualTo(3);
        assertThat(growth("&words=second echo").at("/only/name").asString()).isEqualTo("A second echo");
        assertThat(growth("&words=nowhere").path("count").asInt()).isZero();
        assertThat(growth("&entries=" + pieces.get(0) + "," + pieces.get(1))
                        .path("count")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void narrowsToAMarkOfOnesOwn() {
        var mark = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/own-marks/" + mark, "{'name':'Graph','shape':'RING'}");
        browser.send(
                school.student,
                "PUT",
                "/api/entries/" + pieces.get(1) + "/marks/" + UUID.randomUUID(),
                "{'kind':'OWN','own':'%s'}".formatted(mark));
        assertThat(growth("&mark=" + mark).at("/only/name").asString()).isEqualTo("A second echo");
    }

    @Test
    void leavesOutWhatIsInTheBin() {
        browser.send(school.student, "DELETE", "/api/entries/" + pieces.getFirst(), "");
        assertThat(ofEchoes("").at("/beside/earlier/name").asString()).isEqualTo("A second echo");
    }

    @Test
    void findsWhatWentToAnotherPage() {
        var page = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/pages/" + page,
                "{'sectionId':'%s','title':'Later','day':'2026-11-20'}".formatted(desk.section()));
        var moved = browser.send(
                school.student,
                "PUT",
                "/api/entries/" + pieces.getFirst(),
                "{'baseVersion':1,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL','madeAt':'2026-11-04T10:00:00Z'}"
                        .formatted(page, School.doc("A first echo")));
        assertThat(moved.status()).as(moved.json().toString()).isEqualTo(200);
        var earlier = ofEchoes("").at("/beside/earlier/entry");
        assertThat(earlier.path("id").asString()).isEqualTo(pieces.getFirst().toString());
        assertThat(earlier.path("pageId").asString()).isEqualTo(page.toString());
    }

    @Test
    void listsPiecesFromAPlaceOnThroughTheMonths() {
        typed("2026-10-03", "In October");
        typed("2026-09-10", "In September");
        var path = "/api/growth/pieces?notebook=" + desk.notebook().id() + "&from=";
        assertThat(IntStream.range(0, 6).mapToObj(from -> browser.get(school.student, path + from)
                        .json()
                        .at("/0/piece/name")
                        .asString()))
                .containsExactly(
                        "In September", "In October", "A first echo", "A second echo", "A third echo, twice", "");
    }

    @Test
    void listsPiecesFromAPlaceOn() {
        var lines = browser.get(
                        school.student,
                        "/api/growth/pieces?notebook=" + desk.notebook().id() + "&from=1")
                .json();
        assertThat(lines.valueStream().map(line -> line.at("/piece/name").asString()))
                .containsExactly("A second echo", "A third echo, twice");
        assertThat(lines.at("/0/at").asInt()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0, A first echo", "1, A second echo", "2, 'A third echo, twice'"})
    void countsPlacesFromTheFirstOrTheLatest(int from, String name) {
        var path = "/api/growth/pieces?kind=TYPED&notebook=" + desk.notebook().id() + "&from=" + from;
        assertThat(browser.get(school.student, path).json().at("/0/piece/name").asString())
                .isEqualTo(name);
    }

    @Test
    void tellsHowManyRemarksWereAnswered() {
        var handIn = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/hand-ins/" + handIn,
                Sealing.section(desk.section(), school.setWork().id()));
        var path = "/api/hand-ins/" + handIn;
        var said = "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'Why twice?'}".formatted(pieces.getLast());
        browser.send(school.teacher, "POST", path + "/open", "");
        browser.send(school.teacher, "PUT", path + "/remarks/" + UUID.randomUUID(), said);
        assertThat(changes()).as("nothing of it is seen before it comes back").doesNotContain("remarks answered");
        browser.send(school.teacher, "POST", path + "/sent-back", "");
        assertThat(changes()).contains("remarks answered", "0 of 1");
    }

    private String changes() {
        return ofEchoes("").at("/beside/changes").toString();
    }

    @Test
    void drawsTheWeeksOfANotebookAndOfATopic() {
        browser.send(
                school.student,
                "PUT",
                "/api/notebooks/" + desk.notebook().id() + "/reflections/10",
                WeeklySheet.over(0, "Once.").rating(school.node("2.3"), 3).json());
        var path = "/api/notebooks/" + desk.notebook().id() + "/growth-weeks";
        var weeks = browser.get(school.student, path + "?node=" + school.node("2.3a"))
                .json()
                .path("weeks");
        var numbers = IntStream.range(0, weeks.size())
                .mapToObj(i -> weeks.get(i).path("number").asInt())
                .toList();
        assertThat(numbers).startsWith(1, 2, 3);
        assertThat(weeks.get(9).path("rating").asDouble()).isEqualTo(3);
        assertThat(weeks.get(9).path("sheets").asInt()).isEqualTo(1);
        assertThat(weeks.get(8).has("rating")).isFalse();
        assertThat(browser.get(school.student, path + "?node=" + UUID.randomUUID())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void keepsAPairWithItsWords() {
        assertThat(keep(pair(pieces.getFirst(), pieces.getLast(), 0, "Now I halve it."))
                        .status())
                .isEqualTo(200);
        assertThat(ofEchoes("").at("/beside/kept/words").asString()).isEqualTo("Now I halve it.");
        assertThat(keep(pair(pieces.getFirst(), pieces.getLast(), 0, "Now I halve it."))
                        .status())
                .as("sent twice")
                .isEqualTo(200);
        assertThat(keep(pair(pieces.getFirst(), pieces.getLast(), 0, "Another."))
                        .status())
                .isEqualTo(409);
        assertThat(keep(pair(pieces.getFirst(), pieces.getLast(), 1, "Another."))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void keepsTheWordsWhenAPieceIsInTheBin() {
        keep(pair(pieces.getFirst(), pieces.getLast(), 0, "Now I halve it."));
        browser.send(school.student, "DELETE", "/api/entries/" + pieces.getFirst(), "");
        var line = kept().valueStream()
                .filter(one -> one.at("/pair/id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(line.at("/pair/title").asString()).isEqualTo("A first echo, then and now");
        assertThat(line.has("earlier")).isFalse();
        assertThat(line.at("/later/name").asString()).isEqualTo("A third echo, twice");
    }

    @Test
    void deletesAPairAndBringsItBack() {
        keep(pair(pieces.getFirst(), pieces.getLast(), 0, "x"));
        browser.send(school.student, "DELETE", "/api/then-and-nows/" + id, "");
        assertThat(isKept()).isFalse();
        browser.send(school.student, "POST", "/api/then-and-nows/" + id + "/restore", "");
        assertThat(isKept()).isTrue();
    }

    @Test
    void takesNoPieceOfAnotherPersons() {
        var other = school.newClass();
        var theirs = school.typed(other.student(), school.desk(other.student(), other.schoolClass()), "Theirs");
        assertThat(keep(pair(theirs, pieces.getLast(), 0, "x")).status()).isEqualTo(404);
        assertThat(keep(pair(pieces.getLast(), pieces.getLast(), 0, "x")).status())
                .isEqualTo(422);
        assertThat(growth("&entries=" + theirs).path("count").asInt()).isZero();
    }
}
