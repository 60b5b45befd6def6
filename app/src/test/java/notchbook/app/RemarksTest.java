package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is said about a version, answered, and carried to the next one. */
class RemarksTest extends AppTest {
    private static final String BEFORE = "We timed one clap and got far too much.";
    private static final String AFTER = "We timed twenty claps and got far too much.";

    private School.Desk desk;
    private UUID entry;
    private UUID setWork;
    private UUID handIn;

    @BeforeEach
    void handSomethingIn() {
        desk = school.desk(school.student);
        entry = school.typed(school.student, desk, BEFORE, "2.3a", "2.3b");
        setWork = school.setWork().id();
        handIn = sealed();
        teacher("POST", handIn, "/open", "");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "{'about':'WHOLE'},'words':'Clear.' ! Clear.",
                "{'about':'ENTRY','entry':'E'},'words':'Clear.' ! Clear.",
                "{'about':'WORDS','entry':'E','from':9,'to':17,'quote':'one clap'},'words':'Only one?' ! Only one?",
                "{'about':'SPOT','entry':'E','x':0.5,'y':0.25},'words':'','drawing':{'width':9,'height':9,'strokes':[{'tool':'pen','colour':'#A23B2C','width':2,'points':[[1,1,0.5,0],[5,5,0.5,9]]}]} ! Drawn over the work",
                "{'about':'MOMENT','entry':'E','atMillis':72000},'words':'Here.' ! Here.",
                "{'about':'ENTRY','entry':'E'},'words':'','sign':'AGREE' ! Agree"
            })
    void keepsARemarkOnAnything(String said, String gist) {
        assertThat(remark(said.replace("'E'", "'" + entry + "'"))).isEqualTo(204);
        var remark = seenBy(school.teacher).path("remarks").get(0);
        assertThat(remark.path("gist").asString()).isEqualTo(gist);
        var about = said.substring(said.indexOf(":'") + 2, said.indexOf("'", said.indexOf(":'") + 2));
        assertThat(remark.at("/anchor/about").asString()).isEqualTo(about);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "{'about':'ENTRY','entry':'E'},'words':' ' ! A remark needs words, a voice or a line of the pen.",
                "{'about':'WORDS','entry':'E'},'words':'x' ! Choose what the remark is about first.",
                "{'about':'WORDS','entry':'E','from':9,'to':9,'quote':'x'},'words':'x' ! Choose the words first.",
                "{'about':'SPOT','entry':'E','x':7,'y':0},'words':'x' ! A spot lies on its picture.",
                "{'about':'ENTRY','entry':'E'},'words':'','drawing':{'width':0,'height':9,'strokes':[]} ! A drawing is 1 to 10,000 px wide and high, not 0 × 9.",
            })
    void saysWhatIsWrongWithARemark(String said, String message) {
        var body = "{'anchor':" + said.replace("'E'", "'" + entry + "'") + "}";
        var answer = teacher("PUT", handIn, "/remarks/" + UUID.randomUUID(), body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).isEqualTo(message);
    }

    @Test
    void knowsNoEntryThatIsNotInTheVersion() {
        var said = "{'about':'ENTRY','entry':'%s'},'words':'x'".formatted(UUID.randomUUID());
        assertThat(remark(said)).isEqualTo(404);
    }

    @Test
    void reachesTheStudentWhenTheVersionComesBack() {
        remark("{'about':'WHOLE'},'words':'Clear.'");
        assertThat(seenBy(school.student).path("remarks")).isEmpty();
        assertThat(carriedTo(school.student)).isEmpty();
        assertThat(carriedTo(school.teacher)).hasSize(1);
        teacher("POST", handIn, "/sent-back", "");
        assertThat(seenBy(school.student).path("remarks")).hasSize(1);
    }

    @Test
    void isNotTakenBackOnceTheStudentHasIt() {
        var id = UUID.randomUUID();
        teacher("PUT", handIn, "/remarks/" + id, "{'anchor':{'about':'WHOLE'},'words':'Clear.'}");
        teacher("POST", handIn, "/checked", "");
        assertThat(teacher("DELETE", handIn, "/remarks/" + id, "").status()).isEqualTo(409);
        assertThat(remark("{'about':'WHOLE'},'words':'And quick.'")).isEqualTo(204);
        assertThat(seenBy(school.student).path("remarks")).hasSize(2);
    }

    @Test
    void letsTheStudentHearItWhenItComesBackAndNobodyElse() throws Exception {
        var sound = UUID.randomUUID();
        browser.upload(school.teacher, sound, "said.wav", Samples.sound("wav", 1));
        remark("{'about':'WHOLE'},'words':'','soundId':'%s'".formatted(sound));
        assertThat(hears(school.student, sound)).isEqualTo(404);
        teacher("POST", handIn, "/sent-back", "");
        assertThat(hears(school.student, sound)).isEqualTo(200);
        assertThat(hears(school.classmate, sound)).isEqualTo(404);
        assertThat(hears(school.otherTeacher, sound)).isEqualTo(404);
    }

    @Test
    void takesNoSoundOfSomebodyElse() throws Exception {
        var sound = UUID.randomUUID();
        browser.upload(school.student, sound, "said.wav", Samples.sound("wav", 1));
        assertThat(remark("{'about':'WHOLE'},'words':'','soundId':'%s'".formatted(sound)))
                .isEqualTo(404);
    }

    @Test
    void isCarriedToTheNextVersionWithItsWords() {
        remark("{'about':'WORDS','entry':'%s','from':9,'to':17,'quote':'one clap'},'words':'Only one?'"
                .formatted(entry));
        remark("{'about':'ENTRY','entry':'%s'},'words':'Clear.','sign':'AGREE'".formatted(entry));
        teacher("POST", handIn, "/sent-back", "");
        change(AFTER);
        var next = sealed();
        var changes = browser.get(school.teacher, "/api/hand-ins/" + next + "/changes?since=" + handIn)
                .json();
        assertThat(changes.path("count").asInt()).isOne();
        assertThat(changes.at("/entries/0/words/newWords").asInt()).isEqualTo(2);
        assertThat(changes.at("/carried/0/anchor/about").asString()).isEqualTo("ENTRY");
        assertThat(changes.at("/carried/0/isTouched").asBoolean()).isTrue();
    }

    @Test
    void isNoLongerListedInTheCheckOnceItIsAnswered() {
        var id = UUID.randomUUID();
        teacher(
                "PUT",
                handIn,
                "/remarks/" + id,
                "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'How many?'}".formatted(entry));
        teacher("POST", handIn, "/sent-back", "");
        var left = "Remark 1, “How many?”: nothing changed there, and it has no answer";
        assertThat(checkWords()).contains(left);
        browser.send(school.student, "PUT", "/api/remarks/" + id + "/answer", "{'words':'Twenty.'}");
        assertThat(checkWords()).doesNotContain(left);
        assertThat(seenBy(school.teacher).at("/remarks/0/answer").asString()).isEqualTo("Twenty.");
        browser.send(school.student, "PUT", "/api/remarks/" + id + "/answer", "{'words':' '}");
        assertThat(checkWords()).contains(left);
    }

    @Test
    void comparesOnlyVersionsOfTheSameWork() {
        var other = school.setWork().id();
        var second = UUID.randomUUID();
        var body = Sealing.section(desk.section(), other);
        browser.send(school.student, "PUT", "/api/hand-ins/" + second, body);
        assertThat(browser.get(school.student, "/api/hand-ins/" + second + "/changes?since=" + handIn)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void keepsATeachersSentencesInTheirOrder() {
        var first = UUID.randomUUID();
        var both = "{'sentences':[{'id':'%s','words':'Units, please.'},{'id':'%s','words':'Say how you know.'}]}"
                .formatted(first, UUID.randomUUID());
        browser.send(school.teacher, "PUT", "/api/stock-remarks", both);
        assertThat(Browser.texts(
                        browser.get(school.teacher, "/api/stock-remarks").json(), "words"))
                .containsExactly("Units, please.", "Say how you know.");
        assertThat(Browser.texts(
                        browser.get(school.otherTeacher, "/api/stock-remarks").json(), "id"))
                .doesNotContain(first.toString());
        var blank = "{'sentences':[{'id':'%s','words':''}]}".formatted(UUID.randomUUID());
        assertThat(browser.send(school.teacher, "PUT", "/api/stock-remarks", blank)
                        .status())
                .isEqualTo(422);
        assertThat(browser.send(school.teacher, "PUT", "/api/stock-remarks", "{'sentences':[null]}")
                        .status())
                .isEqualTo(400);
    }

    private List<String> checkWords() {
        var path = "/api/readiness?section=" + desk.section() + "&setWork=" + setWork;
        return Browser.texts(browser.get(school.student, path).json().path("lines"), "words");
    }

    private void change(String words) {
        var body = "{'baseVersion':1,'pageId':'%s','kind':'TYPED','content':%s,'caption':'','width':'FULL'}"
                .formatted(desk.page().id(), School.doc(words));
        browser.send(school.student, "PUT", "/api/entries/" + entry, body);
    }

    private UUID sealed() {
        var id = UUID.randomUUID();
        var body = Sealing.section(desk.section(), setWork);
        assertThat(browser.send(school.student, "PUT", "/api/hand-ins/" + id, body)
                        .status())
                .isEqualTo(200);
        return id;
    }

    private int remark(String said) {
        return teacher("PUT", handIn, "/remarks/" + UUID.randomUUID(), "{'anchor':" + said + "}")
                .status();
    }

    private JsonNode seenBy(Person reader) {
        return browser.get(reader, "/api/hand-ins/" + handIn).json();
    }

    private JsonNode carriedTo(Person reader) {
        return browser.get(reader, "/api/hand-ins/" + handIn + "/changes?since=" + handIn)
                .json()
                .path("carried");
    }

    private int hears(Person reader, UUID sound) {
        return browser.get(reader, "/api/media/" + sound).status();
    }

    private Browser.Answer teacher(String method, UUID id, String path, String body) {
        return browser.send(school.teacher, method, "/api/hand-ins/" + id + path, body);
    }
}
