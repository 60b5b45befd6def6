package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is written on a photo: kept, found, marked, handed on, and taken along when the photo is turned. */
class LayersTest extends AppTest {
    private static final String SPOT =
            "{'kind':'spot','id':'%s','locked':false,'number':1,'x':200,'y':150,'words':'%s'}";

    private final UUID spot = UUID.randomUUID();
    private School.Desk desk;
    private String photo;
    private String entry;

    @BeforeEach
    void writeOnAPhoto() {
        desk = school.desk(school.student);
        photo = browser.upload(school.student, UUID.randomUUID(), "tank.jpg", Samples.jpeg())
                .json()
                .path("id")
                .asString();
        entry = "/api/entries/" + UUID.randomUUID();
        keep(0, SPOT.formatted(spot, "Crest of the zebrawave"));
    }

    @Test
    void isFoundByItsWords() {
        var found = browser.get(school.student, "/api/find?words=zebrawave").json();
        assertThat(found.path("entries")).hasSize(1);
        assertThat(browser.get(school.classmate, "/api/find?words=zebrawave")
                        .json()
                        .path("entries"))
                .isEmpty();
    }

    @Test
    void carriesAQuestionThatIsGatheredWithTheWordsOfTheSpot() {
        var mark = entry + "/marks/" + UUID.randomUUID();
        browser.send(school.student, "PUT", mark, "{'kind':'QUESTION','passage':'%s'}".formatted(spot));
        var gathered = browser.get(
                        school.student, "/api/marks?notebook=" + desk.notebook().id() + "&kind=QUESTION")
                .json();
        assertThat(gathered.toString()).contains("Crest of the zebrawave");
        keep(1, SPOT.formatted(UUID.randomUUID(), "Trough"));
        assertThat(browser.get(
                                school.student,
                                "/api/marks?notebook=" + desk.notebook().id() + "&kind=QUESTION")
                        .json()
                        .toString())
                .as("a spot that is gone leaves its mark to the entry")
                .doesNotContain("zebrawave")
                .contains(spot.toString());
    }

    @Test
    void followsThePhotoWhenItIsTurnedOnTheBench() {
        var bench = "/api/scans/" + UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                bench,
                "{'pageId':'%s','entryId':'%s'}"
                        .formatted(desk.page().id(), entry.substring(entry.lastIndexOf('/') + 1)));
        var shot = browser.get(school.student, bench).json().at("/shots/0/id").asString();
        browser.send(
                school.student,
                "PUT",
                bench + "/shots/" + shot + "/recipe",
                "{'corners':[0,0,1,0,1,1,0,1],'quarters':1,'finish':'AS_TAKEN'}");
        browser.send(school.student, "POST", bench + "/put", "{'entryId':'%s'}".formatted(UUID.randomUUID()));
        var kept = browser.get(school.student, entry).json();
        var layer = kept.at("/content/pages/0/layer");
        var height = layer.path("height").asDouble();
        assertThat(height / 800)
                .isEqualTo(
                        kept.at("/pictures/0/height").asDouble()
                                / kept.at("/pictures/0/width").asDouble(),
                        within(0.01));
        // A quarter from the left and a quarter from the top, before; a quarter from the right and from the top, now.
        assertThat(layer.at("/things/0/x").asDouble()).isEqualTo(600, within(1.0));
        assertThat(layer.at("/things/0/y").asDouble()).isEqualTo(height / 4, within(1.0));
        assertThat(layer.at("/things/0/id").asString()).isEqualTo(spot.toString());
    }

    @Test
    void leavesOverThePictureInAPdf() throws Exception {
        var pdf = browser.get(school.student, entry + "/pages.pdf").response().getContentAsByteArray();
        try (var read = Loader.loadPDF(pdf)) {
            var parts = read.getPage(0).getResources();
            var forms = 0;
            for (var name : parts.getXObjectNames()) {
                forms += parts.getXObject(name) instanceof PDFormXObject ? 1 : 0;
            }
            assertThat(forms).isEqualTo(1);
        }
    }

    @Test
    void isRefusedInWordsWhereItIsNone() {
        assertThat(put(1, SPOT.formatted(spot, "o".repeat(501))).detail())
                .startsWith("A spot has up to 500 characters.");
        assertThat(put(1, "{'kind':'cat','id':'%s'}".formatted(spot)).detail())
                .startsWith("“cat” is nothing that can be put on a picture");
        assertThat(browser.get(school.student, entry).json().path("version").asInt())
                .isEqualTo(1);
    }

    @Test
    void linksFromTextToASpotAndToNoOtherPlaceOfThePage() {
        assertThat(link("#spot-" + spot)).isEqualTo(200);
        assertThat(link("#top")).isEqualTo(422);
        assertThat(link("#spot-<b>")).isEqualTo(422);
    }

    private int link(String address) {
        var text = """
                {'type':'doc','content':[{'type':'paragraph','content':[{'type':'text','text':'there','marks':[{'type':'link','attrs':{'href':'%s'}}]}]}]}""".formatted(address);
        var change = "{'baseVersion':0,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), text);
        return browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), change)
                .status();
    }

    private JsonNode keep(int version, String thing) {
        var answer = put(version, thing);
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        return answer.json();
    }

    private Browser.Answer put(int version, String thing) {
        var page =
                "{'picture':'%1$s','photo':'%1$s','corners':[0,0,1,0,1,1,0,1],'quarters':0,'finish':'AS_TAKEN','name':'','gist':'','layer':{'width':800,'height':600,'things':[%2$s]}}"
                        .formatted(photo, thing);
        return browser.send(
                school.student,
                "PUT",
                entry,
                "{'baseVersion':%d,'pageId':'%s','kind':'PHOTO','mediaId':'%s','content':{'pages':[%s]},'caption':'Tank','width':'%s'}"
                        .formatted(version, desk.page().id(), photo, page, EntryWidth.FULL));
    }
}
