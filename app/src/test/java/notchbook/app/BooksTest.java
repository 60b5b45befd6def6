package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Books of the year: made page by page, checked, sealed and read by the teacher. */
class BooksTest extends AppTest {
    private static final String WHY =
            "I halved the way to the wall by myself, because my first answer was twice the table and that "
                    + "could not be right at all.";

    private School.NewClass of;
    private Person student;
    private School.Desk desk;
    private UUID echo;
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void book() {
        of = school.newClass();
        student = of.student();
        desk = school.desk(student, of.schoolClass());
        echo = school.typed(student, desk, "An echo", "2.3a", "2.3b");
        assertThat(browser.send(
                                student,
                                "PUT",
                                "/api/books/" + id,
                                "{'title':'Book of the year','forWhom':'my family'}")
                        .status())
                .isEqualTo(204);
    }

    /** A page of words as a device sends it. */
    static String words(String heading, int baseVersion, String words) {
        return "{'kind':'WORDS','heading':'%s','question':'','range':{'least':0,'most':50},'leftOut':false,'words':'%s','pieces':[],'baseVersion':%d}"
                .formatted(heading, words, baseVersion);
    }

    private String page(JsonNode page, String words, String pieces, boolean leftOut) {
        return "{'kind':'%s',%s'heading':'%s','question':'','range':{'least':0,'most':0},'leftOut':%b,'words':'%s','pieces':[%s],'baseVersion':%d}"
                .formatted(
                        page.path("kind").asString(),
                        page.has("notebook")
                                ? "'notebook':'" + page.path("notebook").asString() + "',"
                                : "",
                        page.path("heading").asString(),
                        leftOut,
                        words,
                        pieces,
                        page.path("version").asInt());
    }

    private static String piece(UUID entry, String why) {
        return "{'entry':'%s','shows':'Timing a clap.','why':'%s'}".formatted(entry, why);
    }

    private JsonNode view() {
        return browser.get(student, "/api/books/" + id).json();
    }

    private JsonNode pageOf(String kind) {
        return view().path("pages")
                .valueStream()
                .filter(page -> page.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private int keep(JsonNode page, String words, String pieces, boolean leftOut) {
        return keep(page.path("id").asString(), page(page, words, pieces, leftOut));
    }

    private int keep(Object page, String body) {
        return browser.send(student, "PUT", "/api/books/" + id + "/pages/" + page, body)
                .status();
    }

    private List<String> lacks() {
        return Browser.texts(view().path("lacks"), "words");
    }

    private String preview() {
        return browser.get(student, "/api/readiness/preview?book=" + id).json().toString();
    }

    /** Leaves out all but the pieces of the subject. */
    private void leaveOutTheRest() {
        view().path("pages")
                .valueStream()
                .filter(page -> !page.path("kind").asString().equals("SUBJECT"))
                .forEach(page -> keep(page, "", "", true));
    }

    private UUID handIn() {
        var version = UUID.randomUUID();
        var answer = browser.send(
                student,
                "PUT",
                "/api/hand-ins/" + version,
                "{'picked':{'pages':[],'book':'%s'},'purpose':'HAND_IN','with':[],'words':'','along':{'marks':true,'cues':false,'earlier':true,'lookBacks':false},'fitted':false,'withMissing':false}"
                        .formatted(id));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return version;
    }

    @Test
    void beginWithAPageForTheNotebookAndThoseThatCloseIt() {
        assertThat(Browser.texts(view().path("pages"), "heading"))
                .startsWith(desk.notebook().title() + ", what I am proud of")
                .endsWith("To remember");
        assertThat(lacks()).anyMatch(words -> words.endsWith("no piece is chosen yet"));
        assertThat(view().path("home").asString())
                .isEqualTo(desk.notebook().id().toString());
    }

    @Test
    void offerPiecesWithTheirReasons() {
        browser.send(
                student,
                "PUT",
                "/api/notebooks/" + desk.notebook().id() + "/look-backs/" + UUID.randomUUID(),
                LookBacksTest.onPage(desk.page().id().toString()));
        var offers = browser.get(student, "/api/notebooks/" + desk.notebook().id() + "/book-offers")
                .json();
        assertThat(offers.at("/0/piece/id").asString()).isEqualTo(echo.toString());
        assertThat(offers.at("/0/reasons").toString())
                .contains("you looked back on it", "evidence for the most points");
    }

    @Test
    void holdAPieceWithWhyItIsHere() {
        assertThat(keep(pageOf("SUBJECT"), "", piece(echo, WHY), false)).isEqualTo(200);
        assertThat(view().at("/work/0/id").asString()).isEqualTo(echo.toString());
        assertThat(lacks()).noneMatch(words -> words.contains("piece"));
        assertThat(preview()).contains("Timing a clap.", "An echo", "because my first answer");
    }

    @Test
    void readTheWholePieceAndNotOfWhatIsInTheBin() {
        keep(pageOf("SUBJECT"), "", piece(echo, WHY), false);
        browser.send(student, "DELETE", "/api/entries/" + echo, "");
        assertThat(lacks()).anyMatch(words -> words.contains("a piece is in the bin"));
        assertThat(preview()).doesNotContain("An echo");
    }

    @Test
    void showNothingOfWhatIsAnothersOrLeftOut() {
        var other = school.newClass();
        var theirs = school.typed(other.student(), school.desk(other.student(), other.schoolClass()), "Not mine");
        keep(pageOf("SUBJECT"), "", piece(theirs, WHY) + "," + piece(echo, WHY), false);
        assertThat(preview()).contains("An echo").doesNotContain("Not mine");
        keep(pageOf("SUBJECT"), "", piece(echo, WHY), true);
        assertThat(preview()).doesNotContain("An echo");
    }

    @Test
    void haveFiguresFromTheCore() {
        assertThat(preview()).contains("of the subject covered");
    }

    @Test
    void takeOnPagesAndOtherHeadingsAndAnotherOrder() {
        var added = UUID.randomUUID();
        assertThat(keep(added, words("Friends", 0, "Two of them."))).isEqualTo(200);
        assertThat(keep(added, words("My friends", 1, "Two of them."))).isEqualTo(200);
        var ids = Browser.texts(view().path("pages"), "id").reversed();
        var order = "{'pages':[%s]}"
                .formatted(String.join(
                        ",", ids.stream().map(one -> "'" + one + "'").toList()));
        assertThat(browser.send(student, "PUT", "/api/books/" + id + "/order", order)
                        .status())
                .isEqualTo(204);
        assertThat(Browser.texts(view().path("pages"), "heading")).startsWith("My friends", "To remember");
    }

    @Test
    void refuseAChangeOfAnEarlierVersion() {
        var page = pageOf("WORDS");
        assertThat(keep(page, "One.", "", false)).isEqualTo(200);
        assertThat(keep(page, "One.", "", false)).as("the same again").isEqualTo(200);
        assertThat(keep(page, "Two.", "", false)).isEqualTo(409);
        assertThat(keep(pageOf("WORDS"), "Two.", "", false)).isEqualTo(200);
    }

    @Test
    void takeNoPageOfAnotherBook() {
        var page = pageOf("WORDS").path("id").asString();
        var other = UUID.randomUUID();
        browser.send(student, "PUT", "/api/books/" + other, "{'title':'Another','forWhom':''}");
        assertThat(browser.send(student, "PUT", "/api/books/" + other + "/pages/" + page, words("Mine", 0, "x"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void refusePiecesWhereNoneBelong() {
        assertThat(keep(pageOf("WORDS"), "", piece(echo, WHY), false)).isEqualTo(422);
    }

    @Test
    void areSealedAndReadByTheTeacherAsTheyWere() {
        leaveOutTheRest();
        keep(pageOf("SUBJECT"), "", piece(echo, WHY), false);
        var version = handIn();
        browser.send(student, "DELETE", "/api/books/" + id, "");
        var seen = browser.get(of.teacher(), "/api/hand-ins/" + version).json();
        assertThat(seen.at("/picked/book").asString()).isEqualTo(id.toString());
        assertThat(Browser.texts(seen.path("pages"), "title"))
                .containsExactly(desk.notebook().title() + ", what I am proud of");
        assertThat(seen.path("pages").toString()).contains("An echo", "Timing a clap.", "2.3a");
        assertThat(seen.at("/pages/0/entries").valueStream().filter(entry -> entry.path("isPiece")
                        .asBoolean()))
                .singleElement()
                .matches(entry -> entry.path("id").asString().equals(echo.toString()));
        assertThat(browser.get(of.teacher(), "/api/hand-ins/" + version + "/seal")
                        .json()
                        .path("holds")
                        .asBoolean())
                .isTrue();
        assertThat(browser.get(of.teacher(), "/api/books/" + id).status())
                .as("the book itself stays at home")
                .isEqualTo(404);
    }

    @Test
    void areNotReadyWhileAPageLacksSomething() {
        var ready = browser.get(student, "/api/readiness?book=" + id).json();
        assertThat(ready.path("missing").asInt()).isPositive();
        assertThat(ready.path("lines").valueStream().filter(line -> line.at("/mend")
                        .has("bookPage")))
                .isNotEmpty();
        leaveOutTheRest();
        keep(pageOf("SUBJECT"), "", piece(echo, WHY), false);
        assertThat(browser.get(student, "/api/readiness?book=" + id)
                        .json()
                        .path("missing")
                        .asInt())
                .isZero();
    }

    @Test
    void areDeletedAndComeBack() {
        browser.send(student, "DELETE", "/api/books/" + id, "");
        assertThat(browser.get(student, "/api/books").json()).isEmpty();
        assertThat(browser.get(student, "/api/books/" + id).status())
                .as("not by its address either")
                .isEqualTo(404);
        browser.send(student, "POST", "/api/books/" + id + "/restore", "");
        assertThat(Browser.texts(browser.get(student, "/api/books").json(), "title"))
                .containsExactly("Book of the year");
    }
}
