package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class OutlinesTest extends AppTest {
    private static final String TEXT = "Physics\\n1 Waves (100 %)\\n1.1 Sound\\n1.1a how sound travels\\n1.1b pitch";

    @Test
    void makesAnEditionOfATextThatWasPasted() {
        var outline = browser.send(school.student, "POST", "/api/outline-texts", "{'text':'" + TEXT + "'}")
                .json();
        assertThat(outline.path("title").asString()).isEqualTo("Physics");
        var lines = outline.path("lines").valueStream().map(Object::toString).collect(Collectors.joining(","));
        var made = browser.send(school.student, "POST", "/api/outline-lines", "{\"lines\":[" + lines + "]}")
                .json();
        assertThat(made.path("codes").valueStream().map(code -> code.asString()))
                .containsExactly("1", "1.1", "1.1a", "1.1b");
        assertThat(made.path("points").asInt()).isEqualTo(2);
        var kept = browser.send(
                        school.student,
                        "POST",
                        "/api/outlines",
                        "{\"code\":\"NB-7\",\"title\":\"Physics\",\"lines\":[" + lines + "]}")
                .json();
        var nodes = browser.get(
                        school.student, "/api/editions/" + kept.path("id").asString())
                .json()
                .path("nodes");
        assertThat(Browser.texts(nodes, "title")).containsExactly("Waves", "Sound", "how sound travels", "pitch");
        assertThat(browser.get(
                                school.classmate,
                                "/api/editions/" + kept.path("id").asString())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void saysWhatToDoWithWhatHoldsNoSyllabus() {
        assertThat(browser.send(school.student, "POST", "/api/outline-texts", "{'text':' '}")
                        .detail())
                .startsWith("No line of a syllabus was found");
        assertThat(pdf("hello".getBytes()).detail()).startsWith("This PDF can't be read.");
        assertThat(pdf(Samples.pdf().getBytes()).status()).isIn(200, 422);
    }

    private Browser.Answer pdf(byte[] content) {
        return browser.send(
                school.student,
                MockMvcRequestBuilders.multipart("/api/outline-files")
                        .file(new MockMultipartFile("file", "syllabus.pdf", null, content)));
    }
}
