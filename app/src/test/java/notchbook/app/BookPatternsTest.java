package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Patterns of books: a class's and the school's, and books that are begun with them. */
class BookPatternsTest extends AppTest {
    private School.NewClass of;
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void aClass() {
        of = school.newClass();
        school.desk(of.student(), of.schoolClass());
    }

    /** A pattern as a device sends it: pieces of each notebook, and a page of words. */
    static String pattern(String name) {
        return "{'name':'%s','forWhom':'the next teacher','parts':[".formatted(name)
                + part("SUBJECT", "Best work", "Why these?", 10, 40)
                + ","
                + part("WORDS", "Dear next teacher", "What should they know?", 50, 150)
                + "]}";
    }

    private static String part(String kind, String heading, String question, int least, int most) {
        return "{'kind':'%s','heading':'%s','question':'%s','words':{'least':%d,'most':%d}}"
                .formatted(kind, heading, question, least, most);
    }

    private String ofClass() {
        return "/api/classes/" + of.schoolClass().id() + "/book-patterns";
    }

    private int keep(String body) {
        return browser.send(of.teacher(), "PUT", ofClass() + "/" + id, body).status();
    }

    private int begin(UUID book, UUID pattern) {
        return browser.send(
                        of.student(),
                        "PUT",
                        "/api/books/" + book,
                        "{'title':'Mine','forWhom':'the next teacher','pattern':'%s'}".formatted(pattern))
                .status();
    }

    private JsonNode book(UUID book) {
        return browser.get(of.student(), "/api/books/" + book).json();
    }

    @Test
    void areOfferedToTheirClassAloneBeforeOurs() {
        assertThat(keep(pattern("Portfolio"))).isEqualTo(204);
        assertThat(Browser.texts(browser.get(of.student(), "/api/book-patterns").json(), "name"))
                .startsWith("Portfolio")
                .endsWith("A book of the year");
        var other = school.newClass().student();
        assertThat(Browser.texts(browser.get(other, "/api/book-patterns").json(), "name"))
                .doesNotContain("Portfolio");
    }

    @Test
    void ofTheSchoolAreOfferedToEveryStudent() {
        var name = "Leaving " + id;
        browser.send(school.keeper, "PUT", "/api/school/book-patterns/" + id, pattern(name));
        assertThat(Browser.texts(browser.get(of.student(), "/api/book-patterns").json(), "name"))
                .contains(name);
        browser.send(school.keeper, "DELETE", "/api/school/book-patterns/" + id, "");
        assertThat(Browser.texts(browser.get(of.student(), "/api/book-patterns").json(), "name"))
                .doesNotContain(name);
    }

    @Test
    void beginABookWithTheirPagesAndWhomItIsFor() {
        keep(pattern("Portfolio"));
        var book = UUID.randomUUID();
        assertThat(begin(book, id)).isEqualTo(204);
        assertThat(book(book).path("forWhom").asString()).isEqualTo("the next teacher");
        assertThat(Browser.texts(book(book).path("pages"), "heading"))
                .hasSize(2)
                .last()
                .isEqualTo("Dear next teacher");
        assertThat(book(book).at("/pages/0/range/most").asInt()).isEqualTo(40);
    }

    @Test
    void leaveBooksAsTheyAreWhenTheyAreChangedOrDeleted() {
        keep(pattern("Portfolio"));
        var book = UUID.randomUUID();
        begin(book, id);
        var before = book(book);
        keep(pattern("Portfolio").replace("Dear next teacher", "Goodbye"));
        browser.send(of.teacher(), "DELETE", ofClass() + "/" + id, "");
        assertThat(book(book)).isEqualTo(before);
    }

    @Test
    void ofAnotherClassBeginNoBook() {
        keep(pattern("Portfolio"));
        var stranger = school.newClass();
        assertThat(browser.send(
                                stranger.student(),
                                "PUT",
                                "/api/books/" + UUID.randomUUID(),
                                "{'title':'Mine','forWhom':'','pattern':'%s'}".formatted(id))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void ofOneClassAreNotOverwrittenByAnother() {
        keep(pattern("Portfolio"));
        var stranger = school.newClass();
        var theirs = "/api/classes/" + stranger.schoolClass().id() + "/book-patterns/" + id;
        assertThat(browser.send(stranger.teacher(), "PUT", theirs, pattern("Theirs"))
                        .status())
                .isEqualTo(404);
        assertThat(browser.send(school.keeper, "PUT", "/api/school/book-patterns/" + id, pattern("School"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void sayWhatIsWrongWithThem() {
        var answer =
                browser.send(of.teacher(), "PUT", ofClass() + "/" + id, "{'name':'Empty','forWhom':'','parts':[]}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isEqualTo("A pattern has 1 to 30 parts.");
    }
}
