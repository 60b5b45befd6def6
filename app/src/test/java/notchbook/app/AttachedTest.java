package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Files and links on a page: what they hold is read by jobs, shown, and found. */
class AttachedTest extends AppTest {

    private School.Desk desk;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
    }

    @Test
    void findsAFileByItsWordsOnceTheyHaveBeenRead() {
        var word = "w" + UUID.randomUUID().toString().replaceAll("[^a-z]", "q");
        var media = school.file(school.student, "tides.md", "# High water\n\nThe " + word + " turns.");
        keep("FILE", "{'name':'tides.md'}", media);
        Eventually.holds(() -> !find(word).isEmpty());
        var hit = find(word).get(0);
        assertThat(hit.path("kind").asString()).isEqualTo("FILE");
        assertThat(hit.path("name").asString()).isEqualTo("tides.md");
        assertThat(hit.path("excerpt").valueStream().filter(part -> part.path("isMatch")
                        .asBoolean()))
                .singleElement()
                .satisfies(part -> assertThat(part.path("text").asString()).isEqualTo(word));
        assertThat(find("tides " + word)).hasSize(1);
    }

    @Test
    void showsTheBeginningOfADocumentAndOnlyOfADocument() {
        var media = school.file(school.student, "tides.csv", "day,height\nMon,4.9");
        assertThat(browser.get(school.student, "/api/media/" + media + "/look")
                        .json()
                        .path("content")
                        .toString())
                .contains("table", "4.9");
        var photo = UUID.randomUUID();
        browser.upload(school.student, photo, "a.jpg", Samples.jpeg());
        assertThat(browser.get(school.student, "/api/media/" + photo + "/look").status())
                .isEqualTo(422);
        var broken = school.file(school.student, "a.docx", "PK\u0003\u0004 cut off");
        assertThat(browser.get(school.student, "/api/media/" + broken + "/look").detail())
                .contains("broken");
    }

    @Test
    void servesAFileToBeSavedAndNeverToBeRun() {
        var media = school.file(school.student, "page.html", "<script>alert(1)</script>");
        var answer = browser.get(school.student, "/api/media/" + media).response();
        assertThat(answer.getHeader("Content-Disposition")).startsWith("attachment");
        assertThat(answer.getHeader("Content-Security-Policy")).contains("sandbox");
        assertThat(answer.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(browser.get(school.student, "/api/media/" + media + "/look").json())
                .isNotNull()
                .asString()
                .doesNotContain("alert");
    }

    @Test
    void saysThatAPageCouldNotBeReached() {
        var entry = keep("LINK", "{'address':'http://10.0.0.1.example/inside'}", null)
                .json();
        var path = "/api/entries/" + entry.path("id").asString();
        assertThat(entry.path("card").path("state").asString())
                .as("a job may be there before the answer")
                .isIn("WAITING", "UNREACHED");
        Eventually.holds(() -> state(path).equals("UNREACHED"));
        var card =
                browser.get(school.student, path).json().path("card").path("id").asString();
        browser.send(school.student, "POST", "/api/link-cards/" + card + "/again", "");
        Eventually.holds(() -> state(path).equals("UNREACHED"));
    }

    @Test
    void refusesWhatIsNoAddressAndNoFile() {
        assertThat(keep("LINK", "{'address':'javascript:alert(1)'}", null).detail())
                .contains("no web address");
        assertThat(keep("FILE", "{'name':'a'}", null).status()).isEqualTo(422);
        assertThat(keep("LINK", "{}", null).status()).isEqualTo(422);
    }

    @Test
    void sealsAFileAndALinkWithTheirSection() {
        var media = school.file(school.student, "Costs, per metre.csv", "wall,6200");
        keep("FILE", "{'name':'Costs, per metre.csv'}", media);
        keep("LINK", "{'address':'http://skerrow.example/wall'}", null);
        var handIn = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/hand-ins/" + handIn,
                Sealing.section(desk.section(), school.setWork().id()));
        var sealed = browser.get(school.teacher, "/api/hand-ins/" + handIn).json();
        var seal =
                browser.get(school.teacher, "/api/hand-ins/" + handIn + "/seal").json();
        assertThat(seal.path("holds").asBoolean()).isTrue();
        assertThat(sealed.toString()).contains("Costs, per metre.csv", "http://skerrow.example/wall");
        assertThat(browser.get(school.teacher, "/api/media/" + media).response().getContentAsByteArray())
                .isEqualTo("wall,6200".getBytes(UTF_8));
        assertThat(new CopiedFiles(browser)
                        .of(school.teacher, "VERSION", handIn, "PDF")
                        .getContentType())
                .isEqualTo("application/pdf");
    }

    private Browser.Answer keep(String kind, String content, @Nullable UUID media) {
        var body = "{'baseVersion':0,'pageId':'%s','kind':'%s','content':%s,'caption':'','width':'FULL'%s}"
                .formatted(desk.page().id(), kind, content, media == null ? "" : ",'mediaId':'" + media + "'");
        return browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), body);
    }

    private String state(String path) {
        return browser.get(school.student, path)
                .json()
                .path("card")
                .path("state")
                .asString("");
    }

    private JsonNode find(String words) {
        return browser.get(school.student, "/api/find?words=" + words).json().path("entries");
    }
}
