package notchbook.app;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import notchbook.app.platform.Job;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class MediaTest extends AppTest {
    private UUID id = UUID.randomUUID();

    @Autowired
    private List<Job> jobs;

    private void run(String job) {
        jobs.stream()
                .filter(one -> one.name().equals(job))
                .findFirst()
                .orElseThrow()
                .run(id);
    }

    @ParameterizedTest
    @ValueSource(strings = {"wav", "ogg", "opus", "webm", "mp3", "m4a"})
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
        assertThat(answer.detail()).contains("breaks off");
    }

    @Test
    void refusesASoundOfTenHoursBeforeItIsDecoded() {
        assertThat(upload("night.wav", Samples.still(10 * 60 * 60, 1)).detail()).contains("longer than four hours");
        assertThat(upload("none.wav", Samples.wav(0)).detail()).contains("no sound in this recording");
    }

    @Test
    void saysThatNothingCanBeHeardAndWhereNothingIsSaid() {
        var still = browser.upload(school.student, UUID.randomUUID(), "still.wav", Samples.still(4, 8_000))
                .json();
        assertThat(still.path("audibility").asString()).isEqualTo("SILENT");
        assertThat(still.at("/silences/0/to").asInt()).isEqualTo(3_800);
        var tone = upload("tone.wav", Samples.wav(3)).json();
        assertThat(tone.path("audibility").asString()).isEqualTo("CLEAR");
    }

    @Test
    void makesACompactCopyToListenToThatItsOwnerAloneMayHear() throws Exception {
        var before = upload("lesson.wav", Samples.wav(5)).json();
        assertThat(before.path("compact").asBoolean()).isFalse();
        var path = "/api/media/" + id + "/compact";
        assertThat(browser.get(school.student, path).status()).isEqualTo(404);
        run("compact-sound");
        var copy = browser.get(school.student, path).response();
        assertThat(copy.getContentType()).isEqualTo("audio/webm");
        assertThat(copy.getContentAsByteArray().length)
                .isLessThan(before.path("bytes").asInt() / 2);
        assertThat(browser.get(school.classmate, path).status()).isEqualTo(404);
    }

    @Test
    void keepsAShortFilmAsAClipWithItsSizeItsLengthAndWithoutItsPlace() throws Exception {
        var clip = upload("film.mp4", Samples.film("-metadata", "location=+51.0+001.0/"))
                .json();
        assertThat(clip.path("kind").asString()).isEqualTo("CLIP");
        assertThat(List.of(clip.path("width").asInt(), clip.path("height").asInt()))
                .containsExactly(160, 120);
        assertThat(clip.path("seconds").asDouble()).isBetween(0.9, 1.2);
        assertThat(clip.path("audibility").asString()).isEqualTo("CLEAR");
        var kept = browser.get(school.student, "/api/media/" + id).response();
        assertThat(kept.getContentType()).isEqualTo("video/mp4");
        assertThat(new String(kept.getContentAsByteArray(), ISO_8859_1)).doesNotContain("+51.0");
    }

    @Test
    void showsAStillOfAClipAndMakesACopyThatEveryBrowserPlays() throws Exception {
        upload("film.mp4", Samples.film());
        var still = browser.get(school.student, "/api/media/" + id + "/still?at=500")
                .response();
        assertThat(ImageIO.read(new ByteArrayInputStream(still.getContentAsByteArray()))
                        .getWidth())
                .isEqualTo(160);
        assertThat(browser.get(school.student, "/api/media/" + id + "/still?at=90000")
                        .status())
                .isEqualTo(404);
        run("compact-film");
        var copy = browser.get(school.student, "/api/media/" + id + "/compact").response();
        assertThat(copy.getContentType()).isEqualTo("video/webm");
        assertThat(copy.getContentAsByteArray()).startsWith(0x1A, 0x45, 0xDF, 0xA3);
    }

    @Test
    void takesAClipWithoutSoundAndKeepsALongFilmAsAFile() {
        var silent = upload("tank.webm", Samples.silentFilm(2)).json();
        assertThat(silent.path("kind").asString()).isEqualTo("CLIP");
        assertThat(silent.path("audibility").isMissingNode()).isTrue();
        id = UUID.randomUUID();
        assertThat(upload("long.webm", Samples.silentFilm(601))
                        .json()
                        .path("kind")
                        .asString())
                .isEqualTo("FILE");
    }

    @Test
    void keepsAFilmThatIsTooLongForAClipAsAFileOnItsPage() {
        upload("long.webm", Samples.silentFilm(601));
        var change =
                "{'baseVersion':0,'pageId':'%s','kind':'CLIP','mediaId':'%s','content':{},'caption':'','width':'FULL'}"
                        .formatted(school.desk(school.student).page().id(), id);
        var kept = browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), change)
                .json();
        assertThat(kept.path("kind").asString()).isEqualTo("FILE");
        assertThat(kept.at("/content/name").asString()).isEqualTo("long.webm");
    }

    @Test
    void refusesAClipThatBreaksOff() {
        var whole = Samples.film();
        assertThat(upload("film.mp4", Arrays.copyOf(whole, whole.length * 2 / 3))
                        .detail())
                .contains("breaks off");
        var webm = Samples.silentFilm(3);
        id = UUID.randomUUID();
        assertThat(upload("tank.webm", Arrays.copyOf(webm, webm.length * 2 / 3)).detail())
                .contains("breaks off");
    }

    @ParameterizedTest
    @ValueSource(strings = {"webm", "wav"})
    void offersToKeepWhatThereIsOfARecordingThatBreaksOff(String format) {
        var whole = Samples.sound(format, 3);
        var answer = upload("lesson." + format, Arrays.copyOf(whole, whole.length * 2 / 3));
        assertThat(answer.detail()).contains("breaks off: 0:0", "can be heard", "missing");
        assertThat(answer.json().path("canKeepPart").asBoolean()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"lesson.webm", "notes.txt", "photo.jpg"})
    void saysThatAFileIsEmpty(String name) {
        assertThat(upload(name, new byte[0]).detail())
                .isEqualTo("“" + name
                        + "” is empty: there is nothing in it. Save it once more where it was made, and add that.");
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
