package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Objects;
import java.util.UUID;
import notchbook.app.people.Person;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Large files: parts that arrive in order, are taken up again after a break, and belong to one person. */
class UploadsTest extends AppTest {
    private static final byte[] FILE = "Tides turn twice a day. ".repeat(500).getBytes(UTF_8);
    private static final int HALF = FILE.length / 2;

    @Test
    void takesUpAgainWhereTheNetworkBrokeOff() {
        var upload = begin(school.student, FILE.length);
        assertThat(part(school.student, upload, 0, Arrays.copyOf(FILE, HALF)).status())
                .isEqualTo(204);
        assertThat(offset(upload)).isEqualTo(HALF);
        assertThat(part(school.student, upload, HALF, Arrays.copyOfRange(FILE, HALF, FILE.length))
                        .status())
                .isEqualTo(204);
        var id = UUID.randomUUID();
        var media = arrive(school.student, id, upload, "tides.txt").json();
        assertThat(media.path("type").asString()).isEqualTo("text/plain");
        assertThat(media.path("bytes").asLong()).isEqualTo(FILE.length);
        assertThat(browser.get(school.student, "/api/media/" + id).response().getContentAsByteArray())
                .isEqualTo(FILE);
    }

    @Test
    void takesAFileWhoseLengthNobodyKnowsUntilItsEnd() {
        var begun = browser.send(
                school.student,
                MockMvcRequestBuilders.post("/api/uploads")
                        .header("Tus-Resumable", "1.0.0")
                        .header("Upload-Defer-Length", 1));
        var upload = Objects.requireNonNull(begun.response().getHeader("Location"));
        part(school.student, upload, 0, Arrays.copyOf(FILE, HALF));
        assertThat(arrive(school.student, UUID.randomUUID(), upload, "early.txt")
                        .status())
                .isEqualTo(404);
        var rest = Arrays.copyOfRange(FILE, HALF, FILE.length);
        assertThat(browser.send(
                                school.student,
                                TusUpload.patch(upload, HALF, rest).header("Upload-Length", FILE.length))
                        .status())
                .isEqualTo(204);
        assertThat(arrive(school.student, UUID.randomUUID(), upload, "tides.txt")
                        .json()
                        .path("bytes")
                        .asLong())
                .isEqualTo(FILE.length);
    }

    @Test
    void takesNoPartTwiceAndNoneOutOfTurn() {
        var upload = begin(school.student, FILE.length);
        part(school.student, upload, 0, Arrays.copyOf(FILE, HALF));
        assertThat(part(school.student, upload, 0, Arrays.copyOf(FILE, HALF)).status())
                .isEqualTo(409);
        assertThat(part(school.student, upload, HALF + 9, new byte[1]).status()).isEqualTo(409);
        assertThat(offset(upload)).isEqualTo(HALF);
    }

    @Test
    void keepsAnUploadFromEverybodyElse() {
        var upload = begin(school.student, FILE.length);
        part(school.student, upload, 0, FILE);
        assertThat(part(school.classmate, upload, 0, FILE).status()).isEqualTo(404);
        assertThat(arrive(school.classmate, UUID.randomUUID(), upload, "mine.txt")
                        .status())
                .isEqualTo(404);
        assertThat(part(null, upload, 0, FILE).status()).isEqualTo(401);
        assertThat(arrive(school.student, UUID.randomUUID(), upload, "mine.txt").status())
                .isEqualTo(200);
    }

    @Test
    void refusesWhatIsTooLargeBeforeAnyOfItIsSent() {
        assertThat(uploads().announced(school.student, 200_000_001).status()).isEqualTo(413);
    }

    @Test
    void takesNoFileThatIsNotAllThere() {
        var upload = begin(school.student, FILE.length);
        part(school.student, upload, 0, Arrays.copyOf(FILE, HALF));
        assertThat(arrive(school.student, UUID.randomUUID(), upload, "half.txt").status())
                .isEqualTo(404);
    }

    private TusUpload uploads() {
        return new TusUpload(browser, "/api/uploads");
    }

    private String begin(Person person, long bytes) {
        return uploads().begun(person, bytes);
    }

    private Browser.Answer part(@Nullable Person person, String upload, long offset, byte[] content) {
        return uploads().part(person, upload, offset, content);
    }

    private long offset(String upload) {
        var answer = browser.send(
                school.student,
                MockMvcRequestBuilders.request(HttpMethod.HEAD, upload).header("Tus-Resumable", "1.0.0"));
        return Long.parseLong(Objects.requireNonNull(answer.response().getHeader("Upload-Offset")));
    }

    private Browser.Answer arrive(Person person, UUID id, String upload, String name) {
        return browser.send(
                person,
                "PUT",
                "/api/media/" + id + "/from-upload",
                "{'upload':'%s','name':'%s','cutOff':false}".formatted(upload, name));
    }
}
