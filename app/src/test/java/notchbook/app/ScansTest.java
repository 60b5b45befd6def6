package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
import notchbook.app.platform.Job;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** From photos on the bench to the set in a page. */
class ScansTest extends AppTest {
    private static final String WHOLE = "{'corners':[0,0,1,0,1,1,0,1],'quarters':%d,'finish':'%s'}";

    @Autowired
    private List<Job> jobs;

    private School.Desk desk;
    private String bench;

    @BeforeEach
    void setUp() {
        desk = school.desk(school.student);
        bench = "/api/scans/" + UUID.randomUUID();
        send("PUT", bench, "{'pageId':'%s'}".formatted(desk.page().id()));
    }

    @Test
    void makesPagesOfPhotosAndLeavesOutWhatIsThereTwice() {
        var first = lay("IMG_0417.jpg", Samples.page(1, 0));
        lay("IMG_0418.jpg", Samples.page(2, 0));
        lay("IMG_0419.jpg", Samples.page(1, 3));
        var shots = run();
        assertThat(shots.at("/reason").asString()).isEqualTo("FILE_NAME");
        assertThat(shots.at("/shots").valueStream().map(shot -> shot.path("state")
                        .asString()))
                .containsOnly("READY");
        assertThat(shots.at("/shots").valueStream().map(shot -> shot.path("number")
                        .asInt(0)))
                .containsExactly(1, 2, 0);
        assertThat(shots.at("/shots/2/againOf").asString()).isEqualTo(first);
        assertThat(shots.at("/shots/0/shape").asString()).isEqualTo("A_SERIES");
    }

    @Test
    void keepsTheStudentsOrderAndWhatTheyTookIn() {
        var a = lay("1.jpg", Samples.page(1, 0));
        var b = lay("2.jpg", Samples.page(2, 0));
        run();
        send("PUT", bench + "/shots/" + a + "/left-out", "{'leftOut':true}");
        var now = send("PUT", bench + "/order", "{'shots':['%s','%s']}".formatted(b, a));
        assertThat(now.at("/reason").asString()).isEqualTo("OWN");
        assertThat(now.at("/shots/0/id").asString()).isEqualTo(b);
        assertThat(now.at("/shots/1/isLeftOut").asBoolean()).isTrue();
    }

    @Test
    void putsTheSetIntoItsPageAndBackOntoTheBench() {
        var a = lay("1.jpg", Samples.page(1, 0));
        lay("2.jpg", Samples.page(2, 0));
        run();
        send("PUT", bench + "/name", "{'name':'Ripple tank'}");
        send("PUT", bench + "/shots/" + a + "/words", "{'name':'Setting up','gist':'water depth and lamp'}");
        var entry = send("POST", bench + "/put", "{'entryId':'%s'}".formatted(UUID.randomUUID()))
                .path("entryId")
                .asString();
        var kept = browser.get(school.student, "/api/entries/" + entry).json();
        assertThat(kept.at("/caption").asString()).isEqualTo("Ripple tank");
        assertThat(kept.at("/pictures").size()).isEqualTo(2);
        assertThat(kept.at("/media/id").asString())
                .isEqualTo(kept.at("/pictures/0/id").asString());
        assertThat(browser.get(school.student, bench).status()).isEqualTo(404);
        assertThat(Browser.texts(found("lamp"), "name")).containsExactly("Ripple tank");

        var again = "/api/scans/" + UUID.randomUUID();
        var reopened = send(
                "PUT",
                again,
                "{'pageId':'%s','entryId':'%s'}".formatted(desk.page().id(), entry));
        assertThat(Browser.texts(reopened.path("shots"), "name")).containsExactly("Setting up", "");
        var second = reopened.at("/shots/1/id").asString();
        send("PUT", again + "/shots/" + second + "/recipe", WHOLE.formatted(1, "INK_ON_WHITE"));
        send("POST", again + "/put", "{'entryId':'%s'}".formatted(UUID.randomUUID()));
        var changed = browser.get(school.student, "/api/entries/" + entry).json();
        assertThat(changed.at("/version").asInt()).isEqualTo(2);
        assertThat(changed.at("/content/pages/1/quarters").asInt()).isEqualTo(1);
        assertThat(changed.at("/content/pages/1/photo").asString())
                .isEqualTo(kept.at("/content/pages/1/photo").asString());
        assertThat(changed.at("/pictures/1/width").asInt())
                .as("a page on its side")
                .isGreaterThan(changed.at("/pictures/1/height").asInt());
    }

    @Test
    void putsOnePhotoAsItWasTakenInWithoutASetAroundIt() {
        var shot = lay("wall.jpg", Samples.jpeg());
        run();
        send("PUT", bench + "/shots/" + shot + "/recipe", WHOLE.formatted(0, "AS_TAKEN"));
        var entry = send("POST", bench + "/put", "{'entryId':'%s'}".formatted(UUID.randomUUID()));
        var kept = browser.get(
                school.student, "/api/entries/" + entry.path("entryId").asString());
        assertThat(kept.json().at("/content").isEmpty()).isTrue();
        assertThat(kept.json().at("/media/id").asString()).isEqualTo(shot);
    }

    @Test
    void takesAPhotoAgainInItsPlaceAndKeepsTheOldOneLeftOut() {
        var a = lay("a1.jpg", Samples.page(1, 0));
        var b = lay("a2.jpg", Samples.page(2, 0));
        run();
        send("PUT", bench + "/shots/" + a + "/words", "{'name':'Setting up','gist':''}");
        var again = upload("z9.jpg", Samples.page(3, 0));
        var now = send("PUT", bench + "/shots/" + again, "{'photoId':'%s','insteadOf':'%s'}".formatted(again, a));
        assertThat(Browser.texts(now.path("shots"), "id")).containsExactly(again, a, b);
        assertThat(now.at("/shots/0/name").asString()).isEqualTo("Setting up");
        assertThat(now.at("/shots/1/isLeftOut").asBoolean()).isTrue();
    }

    @Test
    void laysThePagesOfAPdfOnTheBenchAsTheyAre() {
        var file = school.file(school.student, "worksheet.pdf", Samples.pdf());
        assertThat(browser.get(school.student, "/api/media/" + file + "/pdf-pages")
                        .json()
                        .path("pages")
                        .asInt())
                .isEqualTo(1);
        var lay = bench + "/pdf-pages/" + UUID.randomUUID();
        var shot = send("PUT", lay, "{'fileId':'%s','page':1}".formatted(file)).at("/shots/0");
        assertThat(shot.at("/photo/name").asString()).isEqualTo("worksheet 1.jpg");
        assertThat(shot.at("/state").asString()).isEqualTo("READY");
        assertThat(shot.at("/recipe/finish").asString()).isEqualTo("AS_TAKEN");
        assertThat(browser.send(
                                school.student,
                                "PUT",
                                lay.substring(0, lay.length() - 1) + "0",
                                "{'fileId':'%s','page':2}".formatted(file))
                        .detail())
                .isEqualTo("There is no page 2 in this PDF; its last one is 1.");
        var text = school.file(school.student, "tides.csv", "day,height");
        assertThat(browser.get(school.student, "/api/media/" + text + "/pdf-pages")
                        .detail())
                .startsWith("Only a PDF has pages");
    }

    @Test
    void refusesToPutNothingAndWhatIsNotMadeYet() {
        var put = "{'entryId':'%s'}".formatted(UUID.randomUUID());
        assertThat(browser.send(school.student, "POST", bench + "/put", put).detail())
                .startsWith("There is no page to put in.");
        lay("1.jpg", Samples.jpeg());
        assertThat(browser.send(school.student, "POST", bench + "/put", put).status())
                .isIn(200, 409);
    }

    @Test
    void takesNoPhotoOfAnybodyElsesAndNoFile() {
        var others = school.photo(school.classmate, school.desk(school.classmate), EntryWidth.FULL);
        assertThat(browser.send(school.student, "PUT", bench + "/shots/" + others, "{'photoId':'%s'}".formatted(others))
                        .status())
                .isEqualTo(404);
        var file = school.file(school.student, "tides.csv", "day,height");
        assertThat(browser.send(school.student, "PUT", bench + "/shots/" + file, "{'photoId':'%s'}".formatted(file))
                        .detail())
                .contains("is not a picture");
    }

    @Test
    void givesALinkToOnePhoneOnly() {
        var link = "/api/phone/"
                + send("POST", bench + "/phone-link", "").path("secret").asString();
        assertThat(ask(link, "my phone").json().path("page").asString()).isEqualTo("Timing an echo");
        assertThat(ask(link, "another phone").status()).isEqualTo(410);
        assertThat(ask(link, "").status()).isEqualTo(410);
        var photo = UUID.randomUUID();
        assertThat(sendPhoto(link, "my phone", photo)).isEqualTo(204);
        assertThat(sendPhoto(link, "my phone", photo)).isEqualTo(204);
        assertThat(sendPhoto(link, "another phone", UUID.randomUUID())).isEqualTo(410);
        assertThat(Browser.texts(browser.get(school.student, bench).json().path("shots"), "id"))
                .containsExactly(photo.toString());
        send("POST", bench + "/phone-link", "");
        assertThat(ask(link, "my phone").status()).as("after a new link").isEqualTo(410);
        assertThat(ask("/api/phone/guessed", "my phone").status()).isEqualTo(410);
    }

    private Browser.Answer ask(String link, String key) {
        return browser.send(null, MockMvcRequestBuilders.get(link).header("Phone-Key", key));
    }

    private int sendPhoto(String link, String key, UUID id) {
        return browser.send(
                        null,
                        MockMvcRequestBuilders.multipart(HttpMethod.PUT, link + "/photos/" + id)
                                .file(new MockMultipartFile("file", "p.jpg", null, Samples.jpeg()))
                                .header("Phone-Key", key))
                .status();
    }

    private JsonNode found(String words) {
        return browser.get(school.student, "/api/find?words=" + words).json().path("entries");
    }

    private String upload(String name, byte[] photo) {
        var id = UUID.randomUUID();
        assertThat(browser.upload(school.student, id, name, photo).status()).isEqualTo(200);
        return id.toString();
    }

    private String lay(String name, byte[] photo) {
        var id = upload(name, photo);
        send("PUT", bench + "/shots/" + id, "{'photoId':'%s'}".formatted(id));
        return id;
    }

    /** The job itself, for each photo; the bench after it. */
    private JsonNode run() {
        var scanning = jobs.stream()
                .filter(job -> job.name().equals("scan-shot"))
                .findFirst()
                .orElseThrow();
        var shots = browser.get(school.student, bench).json().path("shots");
        Browser.texts(shots, "id").forEach(id -> scanning.run(UUID.fromString(id)));
        return browser.get(school.student, bench).json();
    }

    private JsonNode send(String method, String path, String json) {
        return send(school.student, method, path, json);
    }

    private JsonNode send(@Nullable Person person, String method, String path, String json) {
        var answer = browser.send(person, method, path, json);
        assertThat(answer.status()).as(method + " " + path + answer.detail()).isBetween(200, 204);
        return answer.json();
    }
}
