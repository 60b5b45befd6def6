package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
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
    void sayWhatIsMissingBeforeTheyGo() {
        var empty = UUID.randomUUID();
        browser.send(student, "PUT", "/api/collections/" + empty, "{'title':'Empty','purpose':''}");
        var answer = browser.get(student, "/api/readiness/preview?collection=" + empty);
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).isEqualTo("Nothing is in this collection yet.");
    }
}
