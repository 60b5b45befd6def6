package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class MediaTest extends AppTest {
    private final UUID id = UUID.randomUUID();

    @ParameterizedTest
    @ValueSource(strings = {"wav", "ogg", "webm", "mp3"})
    void measuresARecordingOfAnyFormatWhateverItsName(String format) {
        var answer = upload("lesson.bin", format.equals("wav") ? Samples.wav(3) : Samples.sound(format, 3));
        assertThat(answer.json().path("kind").asString()).isEqualTo("RECORDING");
        assertThat(answer.json().path("seconds").asDouble()).isEqualTo(3, within(0.15));
        assertThat(answer.json().path("peaks").get(10).asInt()).isLessThan(5);
        assertThat(answer.json().path("peaks").get(120).asInt()).isGreaterThan(60);
    }

    @ParameterizedTest
    @ValueSource(strings = {"wav", "ogg", "webm"})
    void refusesARecordingThatBreaksOff(String format) {
        var whole = format.equals("wav") ? Samples.wav(3) : Samples.sound(format, 3);
        var answer = upload("lesson." + format, Arrays.copyOf(whole, whole.length * 2 / 3));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("breaks off or is damaged");
    }

    @Test
    void keepsWhatThereIsOfARecordingThatItsSenderKnowsToBeCutOff() {
        var whole = Samples.sound("webm", 3);
        var file = new MockMultipartFile("file", "lesson.webm", null, Arrays.copyOf(whole, whole.length * 2 / 3));
        var request = MockMvcRequestBuilders.multipart(HttpMethod.PUT, "/api/media/" + id)
                .file(file)
                .param("cutOff", "true");
        assertThat(browser.send(school.student, request).json().path("seconds").asDouble())
                .isBetween(1.0, 3.0);
    }

    @Test
    void readsAPhonesHeicPhotoAndKeepsItAsOneThatEveryBrowserShows() throws Exception {
        var answer = upload("IMG_0412", Samples.heic());
        assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
        assertThat(answer.json().path("type").asString()).isEqualTo("image/jpeg");
        assertThat(answer.json().path("width").asInt()).isPositive();
    }

    @Test
    void saysWhatToDoWithAHeicPhotoThatIsBroken() throws Exception {
        var answer = upload("IMG_0412.heic", Arrays.copyOf(Samples.heic(), 200));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("HEIC format", "Send it as JPEG");
    }

    @Test
    void refusesAPageRenamedToAPicture() {
        var answer = upload("holiday.jpg", "<html><script>alert(1)</script></html>".getBytes());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("not a picture");
    }

    @Test
    void servesAnythingElseOnlyAsADownloadThatCanRunNothing() {
        upload("notes.html", "<script>alert(1)</script>".getBytes());
        var response = browser.get(school.student, "/api/media/" + id).response();
        assertThat(response.getContentType()).isEqualTo("application/octet-stream");
        assertThat(response.getHeader("Content-Disposition")).startsWith("attachment");
        assertThat(response.getHeader("Content-Security-Policy")).contains("sandbox", "default-src 'none'");
        assertThat(response.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    @Test
    void servesASoundInRangesSoThatItCanBeSought() {
        upload("lesson.wav", Samples.wav(2));
        var answer = browser.send(
                school.student, MockMvcRequestBuilders.get("/api/media/" + id).header("Range", "bytes=100-199"));
        assertThat(answer.status()).isEqualTo(206);
        assertThat(answer.response().getContentLength()).isEqualTo(100);
    }

    @Test
    void givesWhatIsThereWhenTheSameFileIsSentAgain() {
        upload("a.jpg", Samples.jpeg());
        assertThat(upload("a.jpg", Samples.jpeg()).status()).isEqualTo(200);
        assertThat(browser.upload(school.classmate, id, "b.jpg", Samples.jpeg()).status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"RECORDING,This is not a recording", "INK,needs its content"})
    void holdsAnEntryToTheKindOfItsFile(String kind, String message) {
        upload("a.jpg", Samples.jpeg());
        var desk = school.desk(school.student);
        var body = "{'baseVersion':0,'pageId':'%s','kind':'%s','content':%s,'mediaId':'%s','caption':'','width':'FULL'}"
                .formatted(
                        desk.page().id(), kind, kind.equals("INK") ? "{'width':9,'height':9,'strokes':[]}" : "{}", id);
        assertThat(browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), body)
                        .detail())
                .contains(message);
    }

    private Browser.Answer upload(String name, byte[] content) {
        return browser.upload(school.student, id, name, content);
    }
}
