package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.UnsupportedEncodingException;
import java.time.Duration;
import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Files of links, rows and references that come into a collection, and those that leave it. */
class GatheringsTest extends AppTest {
    private static final String BOOKMARKS = """
            <!DOCTYPE NETSCAPE-Bookmark-file-1>
            <DL><p>
            <DT><A HREF="https://sea.example/">The sea</A>
            <DT><H3>Rivers</H3><DL><p>
            <DT><A HREF="https://river.example/a?utm_source=x">A river</A>
            <DT><A HREF="http://www.river.example/a">The same river</A>
            <DT><A HREF="javascript:alert(1)">No page</A>
            </DL><p>
            </DL>
            """;

    private Person student;
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void anEmptyCollection() {
        student = school.newClass().student();
        browser.send(student, "PUT", path(""), "{'title':'Sea defences','purpose':''}");
    }

    private String path(String more) {
        return "/api/collections/" + id + more;
    }

    private JsonNode items() {
        return browser.get(student, path("")).json().path("items");
    }

    /** Takes a file in, and gives how that went. */
    private JsonNode taken(UUID gathering, String body) {
        assertThat(browser.send(student, "PUT", path("/gatherings/" + gathering), body)
                        .status())
                .isEqualTo(204);
        return await().atMost(Duration.ofSeconds(60))
                .until(
                        () -> browser.get(student, path("/gatherings/" + gathering))
                                .json(),
                        now -> !now.path("state").asString().equals("WAITING"));
    }

    private JsonNode taken(UUID media) {
        return taken(UUID.randomUUID(), "{'mediaId':'%s'}".formatted(media));
    }

    private JsonNode look(UUID media) {
        return browser.get(student, path("/found-file?media=" + media)).json();
    }

    private String out(String form) throws UnsupportedEncodingException {
        return browser.get(student, path("/files/" + form)).response().getContentAsString(UTF_8);
    }

    @Test
    void takeInBookmarksOnceWithTheirFolders() {
        browser.send(
                student,
                "PUT",
                path("/items/" + UUID.randomUUID()),
                "{'kind':'LINK','title':'Sea','note':'','url':'http://www.sea.example'}");
        var file = school.file(student, "bookmarks.html", BOOKMARKS);
        var seen = look(file);
        assertThat(seen.path("form").asString()).isEqualTo("BOOKMARKS");
        assertThat(seen.path("things").asInt()).isEqualTo(3);
        assertThat(seen.path("headings").asInt()).isEqualTo(1);
        var gathering = UUID.randomUUID();
        var body = "{'mediaId':'%s'}".formatted(file);
        var done = taken(gathering, body);
        assertThat(done.path("added").asInt()).isEqualTo(1);
        assertThat(done.path("merged").asInt())
                .as("the sea was there, the river came twice")
                .isEqualTo(2);
        assertThat(done.path("leftOut").asInt()).isEqualTo(1);
        assertThat(items().get(1).path("title").asString()).isEqualTo("A river");
        assertThat(items().get(1).path("heading").asString()).isEqualTo("Rivers");
        taken(gathering, body);
        assertThat(items().size()).as("wanted twice").isEqualTo(2);
        browser.send(student, "POST", path("/gatherings/" + gathering + "/taken-back"), "");
        assertThat(Browser.texts(items(), "title")).containsExactly("Sea");
    }

    @Test
    void takeInATableByItsColumns() {
        var file = school.file(
                student,
                "costs.csv",
                "Name;Link;Cost (a metre);Kind;Seen\nGroyne;groyne.example;1 150;hard;yes\nWall;;about 2400;hard;no\n;;3;soft;no\nFence;;95;soft;yes\n");
        var columns = look(file).path("columns");
        assertThat(Browser.texts(columns, "heading")).containsExactly("Name", "Link", "Cost (a metre)", "Kind", "Seen");
        assertThat(columns.valueStream().map(one -> one.at("/becomes/into").asString()))
                .containsExactly("NAME", "ADDRESS", "DETAIL", "DETAIL", "DETAIL");
        assertThat(columns.valueStream().skip(2).map(one -> one.at("/becomes/detail/kind")
                        .asString()))
                .containsExactly("WORDS", "ONE_OF", "YES_OR_NO");
        var cost = UUID.randomUUID();
        var done = taken(
                UUID.randomUUID(),
                ("{'mediaId':'%s','columns':[{'into':'NAME'},{'into':'ADDRESS'},"
                                + "{'into':'DETAIL','detail':{'id':'%s','name':'Cost','kind':'NUMBER','unit':'a metre'}},"
                                + "{'into':'NOTHING'},{'into':'NOTHING'}]}")
                        .formatted(file, cost));
        assertThat(done.path("added").asInt()).isEqualTo(3);
        assertThat(done.path("leftOut").asInt()).as("a row without a name").isEqualTo(1);
        assertThat(items().get(0).path("url").asString()).isEqualTo("https://groyne.example");
        assertThat(items().get(0).at("/values/" + cost + "/0").asString()).isEqualTo("1150");
        assertThat(items().get(1).path("note").asString()).isEqualTo("Cost (a metre): about 2400");
    }

    @Test
    void takeInReferencesWithTheirSources() throws UnsupportedEncodingException {
        var file = school.file(
                student,
                "mine.bib",
                "@book{a, title={Walls}, author={Byrne, Ada}, year=1998, publisher={Harbour Press}}\n"
                        + "@misc{b, title={Tides}, url={https://tides.example/}}");
        assertThat(taken(file).path("added").asInt()).isEqualTo(2);
        assertThat(items().get(0).path("kind").asString()).isEqualTo("NOTE");
        assertThat(items().get(0).at("/source/authors/0").asString()).isEqualTo("Byrne, Ada");
        assertThat(out("BIBTEX")).contains("publisher = {Harbour Press}", "url = {https://tides.example/}");
        assertThat(out("RIS")).contains("PB  - Harbour Press");
        assertThat(out("CSL_JSON")).contains("\"title\" : \"Walls\"");
    }

    @ParameterizedTest
    @CsvSource({"letter.txt, Dear all", "page.html, <html><a href=x>", "odd.csv, 'a,\"b'"})
    void sayWhatCannotBeTakenIn(String name, String content) {
        var answer = browser.get(student, path("/found-file?media=" + school.file(student, name, content)));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isNotBlank();
    }

    @Test
    void sayWhyAFileFailedAndPutNothingIn() {
        var file = school.file(student, "odd.bib", "@book{a, title={never closed");
        var done = taken(file);
        assertThat(done.path("state").asString()).isEqualTo("FAILED");
        assertThat(done.path("words").asString()).contains("BibTeX or RIS");
        assertThat(items().size()).isZero();
    }

    @Test
    void takeInNobodyElsesFile() {
        var file = school.file(school.student, "bookmarks.html", BOOKMARKS);
        assertThat(browser.get(student, path("/found-file?media=" + file)).status())
                .isEqualTo(404);
        assertThat(browser.send(
                                student,
                                "PUT",
                                path("/gatherings/" + UUID.randomUUID()),
                                "{'mediaId':'%s'}".formatted(file))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void leaveAsATableThatCannotBeRunAndComesInAgain() throws UnsupportedEncodingException {
        var detail = UUID.randomUUID();
        browser.send(student, "PUT", path("/details/" + detail), "{'name':'=Cost','kind':'WORDS','unit':''}");
        var item = UUID.randomUUID();
        browser.send(student, "PUT", path("/items/" + item), "{'kind':'NOTE','title':'=2+3','note':'+n'}");
        browser.send(student, "PATCH", path("/items/" + item), "{'values':{'%s':['@SUM(A1)']}}".formatted(detail));
        var table = out("TABLE");
        assertThat(table).contains("'=2+3", "'+n", "'@SUM(A1)");
        browser.send(student, "DELETE", path("/items/" + item), "");
        var file = school.file(student, "again.csv", table);
        var columns = look(file).path("columns");
        var becomes =
                columns.valueStream().map(one -> one.path("becomes").toString()).collect(joining(","));
        taken(UUID.randomUUID(), "{\"mediaId\":\"%s\",\"columns\":[%s]}".formatted(file, becomes));
        assertThat(items().get(0).path("title").asString()).isEqualTo("=2+3");
        assertThat(items().get(0).at("/values/" + detail + "/0").asString()).isEqualTo("@SUM(A1)");
    }

    @Test
    void leaveAsBookmarksAndAsABoard() throws UnsupportedEncodingException {
        taken(school.file(student, "bookmarks.html", BOOKMARKS));
        assertThat(out("BOOKMARKS")).contains("<H3>Rivers</H3>", "https://river.example/a?utm_source=x");
        assertThat(out("BOARD")).contains("<svg", "A river");
        assertThat(browser.get(student, path("/files/BOARD")).response().getHeader("Content-Disposition"))
                .startsWith("attachment;");
    }
}
