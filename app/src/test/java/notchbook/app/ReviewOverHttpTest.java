package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

class ReviewOverHttpTest extends AppTest {
    @Autowired
    private JdbcClient db;

    private final UUID cue = UUID.randomUUID();
    private School.Desk desk;
    private String page;

    @BeforeEach
    void lay() {
        desk = school.desk(school.student);
        page = "/api/pages/" + desk.page().id();
        school.typed(school.student, desk, "Because it goes there and back", "2.3a");
    }

    @Test
    void asksCuesAndCountsTheTopicAsLookedAtAgainWhenAllWereKnown() {
        lay(1);
        keep(cue, "cues", "Why halve it?");
        assertThat(review().path("cues").get(0).path("words").asString()).isEqualTo("Why halve it?");
        ask(false);
        assertThat(looks()).isZero();
        assertThat(review().path("cues").get(0).path("wasKnown").asBoolean(true))
                .isFalse();
        db.sql("delete from cue_asked").update();
        ask(true);
        assertThat(looks()).isEqualTo(1);
    }

    @Test
    void foldsAPageToItsSummary() {
        lay(1);
        keep(UUID.randomUUID(), "summary", "Time many echoes.");
        assertThat(Browser.texts(review().path("lines"), "words")).containsExactly("Time many echoes.");
    }

    @Test
    void measuresOwnWordsOnAPageWithASource() {
        lay(2);
        keep(UUID.randomUUID(), "margin", "it goes there and back again");
        var measured = browser.get(school.student, page + "/own-words").json().get(0);
        assertThat(measured.path("run").asString()).isEqualTo("it goes there and back");
        assertThat(measured.path("runWords").asInt()).isEqualTo(5);
        assertThat(measured.path("copiedShare").asDouble()).isEqualTo(0.5);
    }

    private void lay(int standard) {
        var pattern = browser.get(school.student, "/api/patterns")
                .json()
                .path("standard")
                .get(standard);
        browser.send(school.student, "PUT", page + "/pattern", pattern.toString());
    }

    private JsonNode review() {
        return browser.get(school.student, page + "/review").json();
    }

    private void ask(boolean isKnown) {
        browser.send(
                school.student,
                "POST",
                page + "/rounds",
                "{'asked':[{'cue':'%s','isKnown':%s}]}".formatted(cue, isKnown));
    }

    private int looks() {
        return db.sql("select count(*) from looked_again where notebook_id = ?")
                .param(desk.notebook().id().toString())
                .query(Integer.class)
                .single();
    }

    private void keep(UUID id, String zone, String words) {
        var body = "{'baseVersion':0,'pageId':'%s','zone':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), zone, School.doc(words));
        browser.send(school.student, "PUT", "/api/entries/" + id, body);
    }
}
