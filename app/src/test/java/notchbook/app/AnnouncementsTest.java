package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Words of a teacher to a class, read or not. */
class AnnouncementsTest extends AppTest {
    @Autowired
    private DSLContext db;

    private final UUID word = UUID.randomUUID();
    private School.NewClass of;

    @BeforeEach
    void aClass() {
        of = school.newClass();
    }

    private Browser.Answer say(String body) {
        return browser.send(of.teacher(), "PUT", path(), body);
    }

    private String path() {
        return "/api/classes/%s/announcements/%s".formatted(of.schoolClass().id(), word);
    }

    private JsonNode heard() {
        return browser.get(of.student(), "/api/announcements").json();
    }

    private JsonNode said() {
        return browser.get(
                        of.teacher(),
                        "/api/classes/%s/announcements"
                                .formatted(of.schoolClass().id()))
                .json()
                .at("/said/0");
    }

    private int read() {
        return browser.send(of.student(), "PUT", "/api/announcements/" + word + "/read", "")
                .status();
    }

    @Test
    void areHeardByTheClassAndTheTeacherSeesWhoHasReadThem() {
        say("{'words':' Bring a ruler. '}");
        assertThat(heard().at("/0/words").asString()).isEqualTo("Bring a ruler.");
        assertThat(heard().at("/0/isRead").asBoolean()).isFalse();
        assertThat(said().at("/unread/0").asString()).isEqualTo(of.student().fullName());
        assertThat(read()).isEqualTo(204);
        assertThat(heard().at("/0/isRead").asBoolean()).isTrue();
        assertThat(said().path("readBy").asInt()).isEqualTo(1);
    }

    @Test
    void areUnreadAgainOnceTheySaySomethingElse() {
        say("{'words':'Bring a ruler.'}");
        read();
        say("{'words':'Bring a ruler.'}");
        assertThat(said().path("readBy").asInt()).isEqualTo(1);
        say("{'words':'Bring a ruler and a torch.'}");
        assertThat(said().path("readBy").asInt()).isZero();
    }

    @Test
    void areNotHeardOnceTakenBackAndCanBeSaidAgain() {
        say("{'words':'Bring a ruler.'}");
        browser.send(of.teacher(), "DELETE", path(), "");
        assertThat(heard()).isEmpty();
        assertThat(read()).isEqualTo(404);
        say("{'words':'Bring a ruler.'}");
        assertThat(heard()).hasSize(1);
    }

    @Test
    void areShownForThirtyDays() {
        say("{'words':'Bring a ruler.'}");
        db.execute("update announcement set said_at = '2026-10-20 08:00:00' where id = ?", word);
        assertThat(heard()).isEmpty();
        assertThat(said().path("words").asString()).isEqualTo("Bring a ruler.");
    }

    @Test
    void areAboutWorkOfTheirOwnClassOnly() {
        assertThat(say("{'words':'See this.','setWork':'%s'}"
                                .formatted(school.setWork().id()))
                        .status())
                .isEqualTo(404);
        var work = UUID.randomUUID();
        var path = "/api/classes/%s/announcements/%s".formatted(school.schoolClass.id(), work);
        browser.send(
                school.teacher,
                "PUT",
                path,
                "{'words':'<b>See</b> this.','setWork':'%s'}"
                        .formatted(school.setWork().id()));
        var heard = browser.get(school.student, "/api/announcements")
                .json()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(work.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(heard.at("/about/title").asString())
                .isEqualTo(school.setWork().title());
        assertThat(browser.send(of.teacher(), "PUT", path().replace(word.toString(), work.toString()), "{'words':'x'}")
                        .status())
                .as("a word stays with its class")
                .isEqualTo(404);
    }

    @Test
    void sayWhatTheyNeed() {
        assertThat(say("{'words':'  '}").detail()).contains("1 to 2,000 letters");
        assertThat(say("{'words':'%s'}".formatted("x".repeat(2_001))).detail()).contains("1 to 2,000 letters");
    }
}
