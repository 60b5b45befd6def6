package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.people.Person;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class FileTextOverHttpTest extends AppTest {
    @Test
    void turnsAFileIntoTextThatAnEntryTakes() {
        var content = send(school.student, "echo.md", "**Sound** needs a medium.")
                .json()
                .path("content");
        var desk = school.desk(school.student);
        var body = "{'baseVersion':0,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), content);
        assertThat(browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), body)
                        .status())
                .isEqualTo(200);
    }

    @Test
    void saysWhyAFileCantBeRead() {
        var answer = send(school.student, "a.docx", "PK\u0003\u0004 cut off");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("broken");
    }

    @Test
    void readsForStudentsOnly() {
        assertThat(send(school.teacher, "a.txt", "x").status()).isEqualTo(404);
        assertThat(send(null, "a.txt", "x").status()).isEqualTo(401);
    }

    private Browser.Answer send(@Nullable Person person, String name, String content) {
        var file = new MockMultipartFile("file", name, null, content.getBytes(UTF_8));
        return browser.send(
                person,
                MockMvcRequestBuilders.multipart(HttpMethod.POST, "/api/text-from-file")
                        .file(file));
    }
}
