package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UnsupportedEncodingException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import notchbook.app.people.Person;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Ink leaves as SVG and InkML and comes back as it was. */
class InkFilesTest extends AppTest {
    private static final String DRAWING =
            "{'width':600,'height':300,'strokes':[{'tool':'pen','colour':'#A23B2C','width':4.5,'points':[[10,20.5,0.5,0],[30.25,18,0.75,16]]}]}";

    @Test
    void comesBackFromInkMlAsItLeft() throws UnsupportedEncodingException {
        var entry = keep();
        var inkMl = browser.get(school.student, entry + "/ink.inkml").response();
        assertThat(inkMl.getHeader("Content-Disposition")).contains("attachment", "wave.inkml");
        var back = read(school.student, inkMl.getContentAsString());
        assertThat(back.json().path("content"))
                .isEqualTo(browser.get(school.student, entry).json().path("content"));
        assertThat(browser.get(school.student, entry + "/ink.svg").response().getContentAsString())
                .contains("fill=\"#A23B2C\"");
    }

    @Test
    void refusesWhatIsNoInk() {
        assertThat(read(school.student, "<ink/>").detail()).startsWith("There is no ink in this file.");
        assertThat(read(school.teacher, "<ink/>").status()).isEqualTo(404);
        assertThat(read(null, "<ink/>").status()).isEqualTo(401);
        var typed = school.typed(school.student, school.desk(school.student), "An echo");
        assertThat(browser.get(school.student, "/api/entries/" + typed + "/ink.svg")
                        .status())
                .isEqualTo(422);
    }

    private String keep() {
        var path = "/api/entries/" + UUID.randomUUID();
        var change = "{'baseVersion':0,'pageId':'%s','kind':'INK','content':%s,'caption':'wave','width':'FULL'}"
                .formatted(school.desk(school.student).page().id(), DRAWING);
        assertThat(browser.send(school.student, "PUT", path, change).status()).isEqualTo(200);
        return path;
    }

    private Browser.Answer read(@Nullable Person person, String inkMl) {
        var file = new MockMultipartFile("file", "wave.inkml", null, inkMl.getBytes(StandardCharsets.UTF_8));
        return browser.send(
                person, MockMvcRequestBuilders.multipart("/api/ink-from-file").file(file));
    }
}
