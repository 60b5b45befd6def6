package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SyllabusFileTest extends AppTest {
    @Test
    void readsAnEditionThatOnlyItsReaderSees() {
        var made = read(School.SYLLABUS);
        assertThat(made.status()).isEqualTo(201);
        var path = "/api/editions/" + made.json().path("id").asString();
        assertThat(browser.get(school.student, path).json().path("nodes").size())
                .isEqualTo(6);
        assertThat(browser.get(school.classmate, path).status()).isEqualTo(404);
    }

    @Test
    void refusesAFileWholeWithItsLines() {
        var before = browser.get(school.student, "/api/editions").json().size();
        var answer = read(School.SYLLABUS.replace("2.4a,2.4,", "2.3a,9,") + "2.5,2,Heavy,,lots,,\n");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isEqualTo("3 things have to be mended in this file.");
        assertThat(answer.json()
                        .path("lines")
                        .valueStream()
                        .map(line -> line.path("line").asInt())
                        .toList())
                .containsExactly(7, 7, 8);
        assertThat(browser.get(school.student, "/api/editions").json().size()).isEqualTo(before);
    }

    private Browser.Answer read(String csv) {
        var file = new MockMultipartFile("file", "syllabus.csv", "text/csv", csv.getBytes());
        return browser.send(
                school.student,
                MockMvcRequestBuilders.multipart("/api/editions")
                        .file(file)
                        .param("code", "NB-1")
                        .param("title", "Own"));
    }
}
