package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;
import notchbook.app.platform.Job;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Talk-throughs leave as films and as pages; what is said leaves and comes as WebVTT. */
class TalkTest extends AppTest {
    @Autowired
    private List<Job> jobs;

    private TalkedPage talked;

    @BeforeEach
    void talk() {
        talked = TalkedPage.of(school, browser, school.student);
    }

    @ParameterizedTest
    @CsvSource({"WEBM,vp8,opus,webvtt", "MP4,h264,aac,mov_text"})
    void leavesAsAFilmWithItsPicturesItsVoiceAndItsWords(String format, String pictures, String voice, String words)
            throws Exception {
        var begun = browser.send(school.student, "POST", "/api/talk-films", talked.wish(format));
        assertThat(begun.json().path("state").asString()).isEqualTo("WAITING");
        var path = "/api/talk-films/" + begun.json().path("id").asString();
        jobs.stream()
                .filter(job -> job.name().equals("talk-film"))
                .forEach(job -> job.run(UUID.fromString(begun.json().path("id").asString())));
        var made = browser.get(school.student, path).json();
        assertThat(made.path("state").asString()).isEqualTo("READY");
        assertThat(made.path("share").asDouble()).isEqualTo(1);
        var film = browser.get(school.student, path + "/file").response();
        assertThat(film.getHeader("Content-Disposition")).startsWith("attachment");
        assertThat(film.getContentAsByteArray()).hasSize(made.path("bytes").asInt());
        assertThat(probed(film.getContentAsByteArray()))
                .contains("codec_name=" + pictures, "codec_name=" + voice, "codec_name=" + words)
                .containsPattern("(?s)\\[FORMAT].*duration=(2\\.[89]|3\\.[01])");
        assertThat(browser.get(school.classmate, path + "/file").status()).isEqualTo(404);
    }

    @Test
    void leavesAsOnePageWithEverythingInIt() throws Exception {
        var path = "/api/talks/%s/%s/0/page.html".formatted(talked.recording(), talked.drawing());
        var page = browser.get(school.student, path).response();
        assertThat(page.getHeader("Content-Disposition")).contains("attachment", "The wave.html");
        assertThat(page.getContentAsString())
                .contains("data-begun=\"1000\"", "data:audio/", "The wave bends")
                .doesNotContain("http://127", "src=\"/");
    }

    @Test
    void refusesWhatNobodyTalkedAbout() {
        var typed = school.typed(school.student, school.desk(school.student), "An echo");
        var other = "{'recording':'%s','subject':'%s','at':0,'format':'MP4'}";
        assertThat(browser.send(school.student, "POST", "/api/talk-films", other.formatted(talked.recording(), typed))
                        .detail())
                .startsWith("Nothing was drawn");
        assertThat(browser.send(school.student, "POST", "/api/talk-films", other.formatted(typed, talked.drawing()))
                        .status())
                .isEqualTo(422);
        assertThat(browser.send(school.student, "POST", "/api/talk-films", "{'at':0}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void makesTenFilmsOfAPersonAtATimeAndNoMore() {
        var other = TalkedPage.of(school, browser, school.classmate);
        var answer = browser.send(school.classmate, "POST", "/api/talk-films", other.wish("WEBM"));
        // Some may be ready before the tenth is wished for.
        for (var i = 0; i < 40 && answer.status() == 200; i++) {
            answer = browser.send(school.classmate, "POST", "/api/talk-films", other.wish("WEBM"));
        }
        assertThat(answer.detail()).startsWith("Ten films");
        assertThat(browser.send(school.student, "POST", "/api/talk-films", talked.wish("WEBM"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void writesSpokenLinesAsWebVttAndReadsThemBack() throws Exception {
        var written = browser.get(school.student, "/api/entries/" + talked.recording() + "/lines.vtt")
                .response();
        assertThat(written.getContentType()).startsWith("text/vtt");
        assertThat(written.getContentAsString()).contains("00:00:01.000 --> 00:00:02.000\nThe wave bends");
        assertThat(read(written.getContentAsByteArray()).json().at("/0/words").asString())
                .isEqualTo("The wave bends");
        assertThat(browser.get(school.student, "/api/entries/" + talked.drawing() + "/lines.vtt")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void saysWhatIsWrongWithAFileOfCaptions() {
        assertThat(read(new byte[] {(byte) 0xC3, 0x28}).detail()).contains("UTF-8");
        assertThat(read("1\n00:01,000".getBytes()).detail()).contains("begin with WEBVTT");
        assertThat(read(new byte[2_000_001]).detail()).contains("2 MB");
    }

    @Test
    void findsARecordingByWhatIsSaidInIt() {
        assertThat(browser.get(school.student, "/api/find?words=bends")
                        .response()
                        .getStatus())
                .isEqualTo(200);
        assertThat(browser.get(school.student, "/api/find?words=bends").json().toString())
                .contains(talked.recording().toString());
    }

    private Browser.Answer read(byte[] file) {
        var sent = new MockMultipartFile("file", "talk.vtt", null, file);
        return browser.send(
                school.student,
                MockMvcRequestBuilders.multipart("/api/spoken-lines-from-file").file(sent));
    }

    private static String probed(byte[] film) throws IOException {
        var file = Files.write(Files.createTempFile("film", ""), film);
        var process = new ProcessBuilder("ffprobe", "-v", "error", "-show_streams", "-show_format", file.toString())
                .redirectErrorStream(true)
                .start();
        return new String(process.getInputStream().readAllBytes());
    }
}
