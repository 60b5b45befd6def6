package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;

class NotebookWithoutSyllabusTest extends AppTest {
    @Test
    void keepsWorkUnfiledUntilItsSyllabusComesAndIsOfferedItsPointsThen() {
        var notebook = UUID.randomUUID();
        var made = put("/api/notebooks/" + notebook, "{'title':'Music','examYear':2028,'tier':'CORE'}");
        assertThat(made.json().path("hasSyllabus").asBoolean()).isFalse();
        var section = UUID.randomUUID();
        put("/api/sections/" + section, "{'notebookId':'%s','title':'Now','topics':[]}".formatted(notebook));
        var page = UUID.randomUUID();
        put("/api/pages/" + page, "{'sectionId':'%s','title':'First'}".formatted(section));
        put(
                "/api/entries/" + UUID.randomUUID(),
                "{'baseVersion':0,'pageId':'%s','kind':'TYPED','caption':'','width':'FULL','content':{'type':'doc','content':[{'type':'paragraph','content':[{'type':'text','text':'An echo is a reflection of sound.'}]}]}}"
                        .formatted(page));
        assertThat(unfiled(notebook)).isEqualTo(1);
        assertThat(get("/api/notebooks/" + notebook + "/coverage").status()).isEqualTo(200);
        assertThat(Browser.texts(get("/api/editions").json(), "title")).doesNotContain("No syllabus yet");

        var move = put(
                "/api/notebooks/%s/moves/%s".formatted(notebook, UUID.randomUUID()),
                "{'editionId':'%s','examYear':2028,'tier':'CORE'}".formatted(school.edition.id()));
        assertThat(move.status()).isLessThan(300);
        var now = get("/api/notebooks/" + notebook).json();
        assertThat(now.at("/notebook/hasSyllabus").asBoolean()).isTrue();
        assertThat(Browser.texts(now.path("sections"), "title")).containsExactly("Now");
        assertThat(unfiled(notebook)).isEqualTo(1);
    }

    private int unfiled(UUID notebook) {
        return get("/api/standings")
                .json()
                .valueStream()
                .filter(one -> one.path("notebookId").asString().equals(notebook.toString()))
                .mapToInt(one -> one.path("unfiled").asInt())
                .sum();
    }

    private Browser.Answer get(String path) {
        return browser.get(school.classmate, path);
    }

    private Browser.Answer put(String path, String body) {
        return browser.send(school.classmate, "PUT", path, body);
    }
}
