package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Base64;
import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Collections as others see them: looked at before, handed in, and sealed. */
class CollectionsOutTest extends AppTest {
    private School.NewClass of;
    private Person student;
    private School.Desk desk;
    private final UUID id = UUID.randomUUID();
    private final UUID wall = UUID.randomUUID();
    private final UUID cost = UUID.randomUUID();

    @BeforeEach
    void aCollectionOfALinkANoteAndWork() {
        of = school.newClass();
        student = of.student();
        desk = school.desk(student, of.schoolClass());
        put("", "{'title':'Sea defences','purpose':''}");
        put("/details/" + cost, "{'name':'Cost','kind':'NUMBER','unit':'a metre'}");
        put("/items/" + wall, "{'kind':'LINK','title':'Wall','note':'Page 12.','url':'https://skerrow.example/wall'}");
        put("/items/" + UUID.randomUUID(), "{'kind':'NOTE','title':'Who pays?','note':'The town.'}");
        tell(wall, "{'why':'It has the prices.','values':{'%s':['6200']}}".formatted(cost));
    }

    private void put(String path, String body) {
        assertThat(browser.send(student, "PUT", "/api/collections/" + id + path, body)
                        .status())
                .isEqualTo(204);
    }

    private void tell(UUID item, String body) {
        browser.send(student, "PATCH", "/api/collections/" + id + "/items/" + item, body);
    }

    private UUID keep(UUID entry, String title) {
        var item = UUID.randomUUID();
        put("/items/" + item, "{'kind':'ENTRY','title':'%s','note':'','entryId':'%s'}".formatted(title, entry));
        return item;
    }

    private void keepEntry(String kind, String content) {
        var kept = browser.send(
                student,
                "PUT",
                "/api/entries/" + UUID.randomUUID(),
                "{'pageId':'%s','zone':'main','kind':'%s','content':%s,'caption':'','width':'FULL','baseVersion':0}"
                        .formatted(desk.page().id(), kind, content));
        assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    }

    private UUID sealedPage() {
        var version = UUID.randomUUID();
        browser.send(
                student,
                "PUT",
                "/api/hand-ins/" + version,
                Sealing.unasked(desk.page().id()));
        return version;
    }

    private String preview() {
        return browser.get(student, "/api/readiness/preview?collection=" + id)
                .json()
                .path("pages")
                .toString();
    }

    @Test
    void showThingsWithWhatIsSaidOfThem() {
        keep(school.typed(student, desk, "An echo", "2.3a"), "My echo");
        assertThat(preview())
                .contains(
                        "It has the prices.",
                        "Cost: 6,200 a metre",
                        "https://skerrow.example/wall",
                        "Page 12.",
                        "Who pays?",
                        "The town.",
                        "My echo",
                        "An echo");
    }

    @Test
    void haveAPageForEachHeading() {
        tell(wall, "{'heading':'Hard'}");
        var pages = browser.get(student, "/api/readiness/preview?collection=" + id)
                .json()
                .path("pages");
        assertThat(Browser.texts(pages, "title")).containsExactly("Hard", "Sea defences");
    }

    @Test
    void showPicturesAndNothingOfTheBin() {
        var photo = school.photo(student, desk, EntryWidth.HALF);
        put("/items/" + UUID.randomUUID(), "{'kind':'FILE','title':'Beach','note':'','mediaId':'%s'}".formatted(photo));
        var entry = school.typed(student, desk, "Away with it");
        keep(entry, "Soon gone");
        browser.send(student, "DELETE", "/api/entries/" + entry, "");
        assertThat(preview()).contains("\"PHOTO\"", "Beach", "Soon gone").doesNotContain("Away with it");
    }

    @Test
    void areSealedAndReadByTheTeacherAsTheyWere() {
        var version = UUID.randomUUID();
        var answer = browser.send(
                student,
                "PUT",
                "/api/hand-ins/" + version,
                "{'picked':{'pages':[],'collection':'%s'},'purpose':'HAND_IN','with':[],'words':'','along':{'marks':false,'cues':false,'earlier':false,'lookBacks':false},'fitted':false,'withMissing':true}"
                        .formatted(id));
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        tell(wall, "{'why':'Changed since.'}");
        var seen = browser.get(of.teacher(), "/api/hand-ins/" + version).json();
        assertThat(seen.at("/picked/collection").asString()).isEqualTo(id.toString());
        assertThat(seen.path("pages").toString()).contains("It has the prices.").doesNotContain("Changed since.");
        assertThat(browser.get(of.teacher(), "/api/collections/" + id).status())
                .as("the collection itself stays at home")
                .isEqualTo(404);
    }

    @Test
    void leaveAsAPdfOfWhatIsSeen() throws IOException {
        var look = Base64.getUrlEncoder()
                .encodeToString(
                        "{\"shape\":\"TABLE\",\"words\":\"wall\",\"only\":{},\"sorts\":[],\"height\":\"COUNT\",\"shown\":[]}"
                                .getBytes(UTF_8));
        var answer = browser.get(student, "/api/collections/%s/view-pdf?look=%s".formatted(id, look));
        assertThat(answer.status()).isEqualTo(200);
        try (var pdf = Loader.loadPDF(answer.response().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Sea defences", "Wall", "Cost (a metre)", "6,200")
                    .doesNotContain("Who pays?");
        }
        assertThat(browser.get(student, "/api/collections/%s/view-pdf?look=none".formatted(id))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void standOnAPageAsTheyAreAndInAVersionAsTheyWere() {
        var view = UUID.randomUUID();
        put(
                "/views/" + view,
                "{'name':'Dear ones','look':{'shape':'TABLE','words':'wall','only':{},'sorts':[],'height':'COUNT','shown':[]}}");
        keepEntry("VIEW", "{'collection':'%s','view':'%s','name':'Sea defences: Dear ones'}".formatted(id, view));
        var version = sealedPage();
        tell(wall, "{'title':'Renamed since'}");
        var content =
                browser.get(of.teacher(), "/api/hand-ins/" + version).json().at("/pages/0/entries/0/content");
        assertThat(content.at("/seen/look/words").asString()).isEqualTo("wall");
        assertThat(content.at("/seen/collection/items/0/title").asString()).isEqualTo("Wall");
        assertThat(content.path("seen").toString())
                .as("what the view leaves out stays at home")
                .doesNotContain("Who pays?", "The town.", "Dear ones");
        assertThat(content.path("text").toString())
                .contains("Wall", "Cost (a metre)", "6,200")
                .doesNotContain("Who pays?", "Renamed since");
        browser.send(student, "DELETE", "/api/collections/" + id, "");
        var gone = browser.get(
                        student, "/api/readiness/preview?pages=" + desk.page().id())
                .json()
                .path("pages");
        assertThat(gone.toString()).contains("Sea defences: Dear ones").doesNotContain("Renamed since");
    }

    @Test
    void leaveDetailsAtHomeThatAViewDoesNotShow() {
        var owner = UUID.randomUUID();
        put("/details/" + owner, "{'name':'Owner','kind':'WORDS','unit':''}");
        tell(wall, "{'values':{'%s':['Aunt Ada']}}".formatted(owner));
        var view = UUID.randomUUID();
        put(
                "/views/" + view,
                "{'name':'Dear','look':{'shape':'TABLE','words':'','only':{},'sorts':[],'height':'COUNT','shown':['%s']}}"
                        .formatted(cost));
        keepEntry("VIEW", "{'collection':'%s','view':'%s','name':'Dear'}".formatted(id, view));
        var content = browser.get(of.teacher(), "/api/hand-ins/" + sealedPage())
                .json()
                .at("/pages/0/entries/0/content");
        assertThat(content.path("seen").toString()).contains("6200").doesNotContain("Aunt Ada", "Owner");
    }

    private void sayWhereTheWallIsFrom() {
        tell(
                wall,
                "{'source':{'kind':'NEWS','authors':['Byrne, Ada'],'published':'2024','where':'','purpose':'','reasons':[]}}");
    }

    /** As the words are put in at first. */
    private void cite() {
        keepEntry(
                "TYPED",
                ("{'type':'doc','content':[{'type':'paragraph','content':[{'type':'text','text':'It is dear '},"
                                + "{'type':'text','text':'(Byrne, 2024)','marks':[{'type':'link','attrs':{'href':'#thing-%s'}}]}]}]}")
                        .formatted(wall));
    }

    @Test
    void areCitedInTheStyleThatTheirStudentChose() {
        sayWhereTheWallIsFrom();
        cite();
        assertThat(browser.send(student, "PUT", "/api/reference-style", "{'style':'VANCOUVER'}")
                        .status())
                .isEqualTo(204);
        var pages = browser.get(of.teacher(), "/api/hand-ins/" + sealedPage())
                .json()
                .path("pages");
        assertThat(pages.get(0).toString())
                .as("words that were left as they were put in follow the list")
                .contains("(1)")
                .doesNotContain("(Byrne, 2024)");
        assertThat(pages.get(1).toString()).contains("1. Byrne A.");
    }

    @Test
    void areCitedOnAPageAndListedBehindIt() {
        sayWhereTheWallIsFrom();
        var cited =
                browser.get(student, "/api/things/%s/citation".formatted(wall)).json();
        assertThat(cited.path("collection").asString()).isEqualTo(id.toString());
        assertThat(cited.at("/reference/inText").asString()).isEqualTo("(Byrne, 2024)");
        cite();
        var version = sealedPage();
        var pages = browser.get(of.teacher(), "/api/hand-ins/" + version).json().path("pages");
        assertThat(pages.get(0).toString())
                .as("the teacher gets to the source itself")
                .contains("https://skerrow.example/wall")
                .doesNotContain("#thing-");
        assertThat(pages.get(1).path("title").asString()).isEqualTo("References");
        assertThat(pages.get(1).toString()).contains("Byrne, A. (2024). Wall.");
        browser.send(student, "DELETE", "/api/collections/" + id, "");
        assertThat(browser.get(student, "/api/things/%s/citation".formatted(wall))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void sayWhatIsMissingBeforeTheyGo() {
        var empty = UUID.randomUUID();
        browser.send(student, "PUT", "/api/collections/" + empty, "{'title':'Empty','purpose':''}");
        var answer = browser.get(student, "/api/readiness/preview?collection=" + empty);
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).isEqualTo("Nothing is in this collection yet.");
    }
}
