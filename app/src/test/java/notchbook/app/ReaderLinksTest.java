package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import java.io.UnsupportedEncodingException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import notchbook.app.entry.EntryWidth;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** What somebody outside sees by a link, and everything that they don't. */
class ReaderLinksTest extends AppTest {
    private static final Pattern MEDIA = Pattern.compile("media/([0-9a-f]{64})");

    @Autowired
    private DSLContext db;

    private School.Desk desk;
    private String secret;
    private UUID link;

    @BeforeEach
    void page() {
        db.execute("delete from reader_try");
        desk = school.desk(school.student);
        school.typed(school.student, desk, "Sound comes back from the wall.", "2.3a");
        school.photo(school.student, desk, EntryWidth.HALF);
        secret = UUID.randomUUID().toString();
        link = UUID.randomUUID();
    }

    private Browser.Answer give(String kind, UUID of, String more) {
        return browser.send(school.student, "PUT", "/api/reader-links/" + link, """
                {'kind':'%s','of':'%s','reader':'Gran Quist','lastDay':'2026-12-02','mayAnswer':true,'secret':'%s'%s}""".formatted(kind, of, secret, more));
    }

    private void givePage() {
        assertThat(give("PAGE", desk.page().id(), "").status()).isEqualTo(200);
    }

    private MockHttpServletResponse open(String path, Cookie... cookies) {
        return asked(MockMvcRequestBuilders.get("/reading/" + secret + path), cookies);
    }

    private MockHttpServletResponse send(String path, String field, String value, Cookie... cookies) {
        return asked(
                MockMvcRequestBuilders.post("/reading/" + secret + path)
                        .param(field, value)
                        .with(csrf()),
                cookies);
    }

    private MockHttpServletResponse asked(MockHttpServletRequestBuilder request, Cookie... cookies) {
        if (cookies.length > 0) {
            request.cookie(cookies);
        }
        return browser.answer(request).response();
    }

    private static String text(MockHttpServletResponse response) {
        try {
            return response.getContentAsString();
        } catch (UnsupportedEncodingException none) {
            throw new IllegalStateException(none);
        }
    }

    private static String picture(String page) {
        var found = MEDIA.matcher(page);
        assertThat(found.find()).isTrue();
        return found.group();
    }

    @Test
    void showsOnePageToWhoeverHasTheLinkAndNothingAroundIt() {
        var other = school.desk(school.student);
        school.typed(school.student, other, "Kept to myself.", "2.3a");
        givePage();
        var answer = open("/");
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(text(answer))
                .contains("Sound comes back from the wall.", "For Gran Quist, until 2 December 2026.")
                .doesNotContain("Kept to myself.", other.page().id().toString(), school.student.userName());
        assertThat(answer.getHeader("X-Robots-Tag")).contains("noindex");
        assertThat(answer.getHeader("Cache-Control")).contains("no-store");
        assertThat(answer.getHeader("Content-Security-Policy")).startsWith("default-src 'none'");
        assertThat(open("/" + picture(text(answer))).getContentType()).isEqualTo("image/jpeg");
        assertThat(open("").getRedirectedUrl()).isEqualTo("/reading/" + secret + "/");
    }

    @Test
    void showsACollectionAsItIsAndNothingOnceItIsTakenBack() {
        var collection = UUID.randomUUID();
        var path = "/api/collections/" + collection;
        browser.send(school.student, "PUT", path, "{'title':'Sea defences','purpose':''}");
        browser.send(
                school.student,
                "PUT",
                path + "/items/" + UUID.randomUUID(),
                "{'kind':'LINK','title':'<b>Wall</b>','note':'','url':'https://skerrow.example/wall'}");
        assertThat(give("COLLECTION", collection, "").status()).isEqualTo(200);
        assertThat(text(open("/")))
                .contains("Sea defences", "&lt;b&gt;Wall&lt;/b&gt;", "https://skerrow.example/wall")
                .doesNotContain("<b>Wall", "Sound comes back");
        browser.send(school.student, "DELETE", "/api/reader-links/" + link, "");
        assertThat(open("/").getStatus()).isEqualTo(410);
    }

    @Test
    void letsItsReaderSortNarrowAndGroupACollectionAndChangesNothing() {
        var path = "/api/collections/" + UUID.randomUUID();
        var cost = UUID.randomUUID();
        browser.send(school.student, "PUT", path, "{'title':'Sea defences','purpose':''}");
        browser.send(
                school.student, "PUT", path + "/details/" + cost, "{'name':'Cost','kind':'NUMBER','unit':'a metre'}");
        for (var thing : List.of("Fence 95", "Wall 6200", "Armour 3100")) {
            var words = thing.split(" ");
            var item = path + "/items/" + UUID.randomUUID();
            browser.send(school.student, "PUT", item, "{'kind':'NOTE','title':'%s','note':'n'}".formatted(words[0]));
            browser.send(school.student, "PATCH", item, "{'values':{'%s':['%s']}}".formatted(cost, words[1]));
        }
        give("COLLECTION", UUID.fromString(path.substring(path.lastIndexOf('/') + 1)), "");
        assertThat(text(open("/?sort=" + cost + "&falling=true"))).containsSubsequence("Wall", "Armour", "Fence");
        assertThat(text(open("/?words=arm"))).contains("Armour").doesNotContain("Fence");
        assertThat(text(open("/?by=kind"))).contains("Note (3)");
        assertThat(text(open("/?words=" + "x".repeat(5_000)))).contains("Nothing is in this view.");
        assertThat(text(open("/?sort=nothing&by=%3Cscript%3E"))).doesNotContain("<script>");
        assertThat(text(open("/"))).containsSubsequence("Fence", "Wall", "Armour");
    }

    @Test
    void givesOutOnlyWhatItsPageRefersTo() {
        var other = school.desk(school.student);
        var theirs = school.photo(school.student, other, EntryWidth.FULL);
        var digest = db.fetchSingle("select screen_sha256 from media where id = ?", theirs)
                .get(0, String.class);
        givePage();
        open("/");
        db.execute(
                "update reader_link_media set sha256 = repeat('0', 64) where link_id = ? and sha256 = ?", link, digest);
        assertThat(open("/media/" + digest).getStatus()).isEqualTo(404);
        assertThat(open("/media/../../../etc/passwd").getStatus()).isBetween(400, 404);
        assertThat(browser.get(null, "/api/media/" + theirs).status()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(strings = {"taken_back_at = now(3)", "until = '2026-11-25 09:59:59', made_at = '2026-11-24 00:00:00'"})
    void opensNothingOnceItIsOver(String change) {
        givePage();
        var picture = picture(text(open("/")));
        db.execute("update reader_link set " + change + " where id = ?", link);
        var answer = open("/");
        assertThat(answer.getStatus()).isEqualTo(410);
        assertThat(text(answer)).contains("This link opens nothing").doesNotContain("Sound", "Quist");
        assertThat(open("/" + picture).getStatus()).isEqualTo(404);
        assertThat(send("/answer", "words", "Hello").getStatus()).isEqualTo(404);
    }

    @Test
    void isTakenBackAtOnce() {
        givePage();
        assertThat(browser.send(school.student, "DELETE", "/api/reader-links/" + link, "")
                        .status())
                .isEqualTo(204);
        assertThat(open("/").getStatus()).isEqualTo(410);
        assertThat(given().path("open").asBoolean()).isFalse();
    }

    @Test
    void asksForItsWordFirst() {
        assertThat(give("PAGE", desk.page().id(), ",'word':'kittiwake'").status())
                .isEqualTo(200);
        assertThat(text(open("/"))).contains("A word opens this").doesNotContain("Sound", "Quist");
        assertThat(text(send("/word", "word", "puffin"))).contains("It is another word.");
        var right = send("/word", "word", " kittiwake ");
        assertThat(right.getRedirectedUrl()).isEqualTo("/reading/" + secret + "/");
        var key = right.getCookie("notchbook-reading");
        assertThat(key).isNotNull();
        assertThat(key.isHttpOnly()).isTrue();
        assertThat(key.getPath()).isEqualTo("/reading/" + secret + "/");
        var page = text(open("/", key));
        assertThat(page).contains("Sound comes back");
        assertThat(open("/" + picture(page), key).getStatus()).isEqualTo(200);
        assertThat(open("/" + picture(page)).getStatus()).isEqualTo(404);
        assertThat(text(open("/", new Cookie("notchbook-reading", "guessed")))).contains("A word opens this");
    }

    @Test
    void slowsWhoGuesses() {
        givePage();
        var own = secret;
        for (var i = 0; i < 20; i++) {
            secret = UUID.randomUUID().toString();
            assertThat(open("/").getStatus()).isEqualTo(410);
        }
        assertThat(open("/").getStatus()).isEqualTo(429);
        secret = own;
        assertThat(open("/").getStatus()).isEqualTo(429);
        var elsewhere = MockMvcRequestBuilders.get("/reading/" + own + "/").with(request -> {
            request.setRemoteAddr("203.0.113.9");
            return request;
        });
        assertThat(asked(elsewhere).getStatus()).isEqualTo(200);
    }

    @Test
    void takesOneAnswerAndTellsItsOwner() {
        givePage();
        assertThat(text(open("/"))).contains("Write an answer");
        assertThat(send("/answer", "words", "  ").getStatus()).isEqualTo(422);
        assertThat(send("/answer", "words", "Lovely <b>waves</b>.").getStatus()).isEqualTo(303);
        assertThat(send("/answer", "words", "Once more.").getStatus()).isEqualTo(409);
        assertThat(text(open("/"))).contains("Lovely &lt;b&gt;waves&lt;/b&gt;.").doesNotContain("<form");
        assertThat(given().path("answer").asString()).isEqualTo("Lovely <b>waves</b>.");
        assertThat(given().path("opened").asInt()).isEqualTo(2);
    }

    @Test
    void refusesAnAnswerThatWasNotSentFromItsPage() {
        givePage();
        var forged =
                MockMvcRequestBuilders.post("/reading/" + secret + "/answer").param("words", "Hello");
        assertThat(asked(forged).getStatus()).isEqualTo(403);
    }

    @Test
    void goesByMailWithoutItsWord() throws Exception {
        TestServer.MAIL.purgeEmailFromAllMailboxes();
        give("PAGE", desk.page().id(), ",'mail':'gran@skerrow.example','word':'kittiwake'");
        var mail = TestServer.MAIL.getReceivedMessages()[0];
        assertThat(mail.getAllRecipients()[0]).hasToString("gran@skerrow.example");
        assertThat(mail.getFrom()[0]).hasToString("notebooks@skerrow.example");
        assertThat(mail.getSubject())
                .isEqualTo(school.student.fullName() + " has something for you to read: Timing an echo");
        assertThat(mail.getContent().toString())
                .contains("/reading/" + secret + "/", "until 2 December 2026", "It asks for a word")
                .doesNotContain("kittiwake");
    }

    @Test
    void isNotThereWhereItsMailIsRefused() {
        var answer = give("PAGE", desk.page().id(), ",'mail':'gran@skerrow..example'");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).startsWith("The mail could not be sent just now.");
        assertThat(open("/").getStatus()).isEqualTo(410);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "'reader':' '", "'mail':'gran'", "'mail':'a@b.example\\r\\nBcc: c@d.example'", "'lastDay':'2026-11-24'",
                "'lastDay':'2027-11-24'", "'word':'hi'", "'secret':'short'", "'secret':'../../../../../../etc/passwd'"
            })
    void refusesWhatIsNoWish(String wrong) {
        assertThat(give("PAGE", desk.page().id(), "," + wrong).status()).isEqualTo(422);
        assertThat(open("/").getStatus()).isEqualTo(410);
    }

    @Test
    void leadsToEachKindOfThingOfOnesOwnAndToNobodyElses() {
        var photo = UUID.fromString(db.fetchSingle(
                        "select id from entry where page_id = ? and kind = 'PHOTO'",
                        desk.page().id())
                .get(0, String.class));
        var version = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/hand-ins/" + version,
                Sealing.section(desk.section(), school.setWork().id()));
        var notebook = desk.notebook().id();
        var entry = db.fetchSingle(
                        "select id from entry where page_id = ? and kind = 'TYPED'",
                        desk.page().id())
                .get(0);
        browser.send(
                school.student,
                "PUT",
                "/api/notebooks/" + notebook + "/reflections/12",
                WeeklySheet.over(0, "Kept to myself.").drawing((UUID) entry).json());
        leads("SECTION", desk.section(), Optional.of("Sound comes back"));
        assertThat(text(open("/"))).doesNotContain("Kept to myself.", "not handed in");
        leads("VERSION", version, Optional.of("Sound comes back"));
        leads("ENTRY", photo, Optional.empty());
        link = UUID.randomUUID();
        var theirs = school.desk(school.classmate);
        assertThat(give("PAGE", theirs.page().id(), "").status()).isEqualTo(404);
        assertThat(give("SECTION", theirs.section(), "").status()).isEqualTo(404);
        assertThat(give("ENTRY", school.typed(school.classmate, theirs, "Mine", "2.3a"), "")
                        .status())
                .isEqualTo(404);
    }

    private void leads(String kind, UUID of, Optional<String> words) {
        secret = UUID.randomUUID().toString();
        link = UUID.randomUUID();
        assertThat(give(kind, of, "").status()).isEqualTo(200);
        var page = text(open("/"));
        picture(page);
        words.ifPresentOrElse(there -> assertThat(page).contains(there), () -> assertThat(page)
                .doesNotContain("Sound comes back"));
    }

    private JsonNode given() {
        return browser.get(school.student, "/api/reader-links")
                .json()
                .path("links")
                .valueStream()
                .filter(one -> one.path("id").asString().equals(link.toString()))
                .findFirst()
                .orElseThrow();
    }
}
