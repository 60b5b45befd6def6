package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Where the things of a collection come from, and the list of references that is made of it. */
class SourcesTest extends AppTest {
    private Person student;
    private final UUID id = UUID.randomUUID();
    private final UUID wall = UUID.randomUUID();

    @BeforeEach
    void aLinkAndANote() {
        student = school.newClass().student();
        send("PUT", "", "{'title':'Sea defences','purpose':''}");
        send(
                "PUT",
                "/items/" + wall,
                "{'kind':'LINK','title':'The wall','note':'','url':'https://skerrow.example/wall'}");
        send("PUT", "/items/" + UUID.randomUUID(), "{'kind':'NOTE','title':'My own thought','note':''}");
    }

    private Browser.Answer send(String method, String path, String body) {
        return browser.send(student, method, "/api/collections/" + id + path, body);
    }

    private static String source(String published) {
        return ("{'source':{'kind':'NEWS','authors':['Byrne, Ada'],'published':'%s','where':'Skerrow Weekly','purpose':'To inform',"
                        + "'lookedAt':'2026-11-03','trust':'PARTLY','reasons':['She is the town engineer']}}")
                .formatted(published);
    }

    private JsonNode references(String style) {
        return browser.get(student, "/api/collections/%s/references?style=%s".formatted(id, style))
                .json();
    }

    private JsonNode wall() {
        return browser.get(student, "/api/collections/" + id)
                .json()
                .path("items")
                .get(0);
    }

    @Test
    void areKeptAndListedInTheUsualStyles() {
        assertThat(send("PATCH", "/items/" + wall, source("5.3.2024")).status()).isEqualTo(204);
        assertThat(wall().at("/source/published").asString()).isEqualTo("2024-03-05");
        assertThat(wall().at("/source/trust").asString()).isEqualTo("PARTLY");
        var apa = references("APA");
        assertThat(apa.size()).as("what the student made is no source").isEqualTo(1);
        assertThat(apa.at("/0/line").asString())
                .isEqualTo("Byrne, A. (2024, March 5). The wall. Skerrow Weekly. https://skerrow.example/wall");
        assertThat(apa.at("/0/inText").asString()).isEqualTo("(Byrne, 2024)");
        assertThat(references("MLA").at("/0/line").asString()).startsWith("Byrne, Ada. ");
    }

    @Test
    void knowByThemselvesWhenSomethingWasLookedAt() {
        assertThat(wall().at("/source/lookedAt").isMissingNode()).isTrue();
        assertThat(wall().at("/found/lookedAt").asString())
                .isEqualTo(wall().path("keptOn").asString());
    }

    @ParameterizedTest
    @CsvSource({"yesterday, a year", "31.2.2024, a year"})
    void areRefusedInWords(String published, String words) {
        var answer = send("PATCH", "/items/" + wall, source(published));
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.detail()).contains(words);
        assertThat(wall().at("/source/authors").size()).isZero();
    }

    @Test
    void leadToWhereAPageHasMoved() {
        assertThat(send("PATCH", "/items/" + wall, "{'url':'https://skerrow.example/new-wall'}")
                        .status())
                .isEqualTo(204);
        assertThat(wall().path("url").asString()).isEqualTo("https://skerrow.example/new-wall");
        assertThat(send("PATCH", "/items/" + wall, "{'url':'javascript:alert(1)'}")
                        .status())
                .isBetween(400, 422);
    }

    @Test
    void askThreeQuestions() {
        assertThat(browser.get(student, "/api/source-questions").json().size()).isEqualTo(3);
    }
}
