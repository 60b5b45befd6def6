package notchbook.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SchoolClass;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Pieces that students show to their class, who sees them, and what is said about them. */
class NoticeboardTest extends AppTest {
    @Autowired
    private People people;

    private final UUID piece = UUID.randomUUID();
    private final UUID comment = UUID.randomUUID();
    private final SchoolClass schoolClass = new SchoolClass(UUID.randomUUID(), "10D");
    private Person student;
    private Person classmate;
    private Person teacher;
    private School.Desk desk;
    private UUID entry;

    /** A piece of the school's student that its class sees at once, or its teacher alone. */
    static UUID shown(School school, Browser browser, UUID entry, String audience) {
        var id = UUID.randomUUID();
        var of = school.schoolClass.id();
        browser.send(school.teacher, "PUT", "/api/classes/%s/noticeboard".formatted(of), "{'teacherSeesFirst':false}");
        browser.send(
                school.student,
                "PUT",
                "/api/noticeboard/" + id,
                "{'classId':'%s','source':{'entryId':'%s'},'audience':'%s','words':''}".formatted(of, entry, audience));
        return id;
    }

    @BeforeEach
    void aClassOfTwo() {
        student = School.person("ada", Role.STUDENT);
        classmate = School.person("bo", Role.STUDENT);
        teacher = School.person("cy", Role.TEACHER);
        List.of(student, classmate, teacher).forEach(person -> people.enter(person, ""));
        people.enter(schoolClass, List.of(student, classmate, teacher));
        desk = school.desk(student, schoolClass);
        entry = school.typed(student, desk, "Twenty claps, not one.", "2.3a");
        school.typed(student, desk, "I do not like this topic.");
    }

    private Browser.Answer show(String source, String audience) {
        return browser.send(
                student,
                "PUT",
                "/api/noticeboard/" + piece,
                "{'classId':'%s','source':%s,'audience':'%s','words':'Look at the twenty.'}"
                        .formatted(schoolClass.id(), source, audience));
    }

    private Browser.Answer showEntry() {
        return show("{'entryId':'%s'}".formatted(entry), "CLASS");
    }

    /** Shows it to a class that sees everything at once. */
    private void showAtOnce() {
        letThemShow();
        showEntry();
    }

    private void letThemShow() {
        browser.send(
                teacher,
                "PUT",
                "/api/classes/%s/noticeboard".formatted(schoolClass.id()),
                "{'teacherSeesFirst':false}");
    }

    private int move(Person by, String standing, String words) {
        return browser.send(
                        by,
                        "PUT",
                        "/api/noticeboard/" + piece + "/standing",
                        "{'standing':'%s','words':'%s'}".formatted(standing, words))
                .status();
    }

    private Browser.Answer seen(Person reader) {
        return browser.get(reader, "/api/noticeboard/" + piece);
    }

    private JsonNode board(Person reader) {
        return browser.get(reader, "/api/classes/%s/noticeboard".formatted(schoolClass.id()))
                .json()
                .path("pieces");
    }

    private Browser.Answer say(Person by, UUID id, String more) {
        return browser.send(
                by,
                "PUT",
                "/api/noticeboard/%s/comments/%s".formatted(piece, id),
                "{'words':'Clear.'%s}".formatted(more));
    }

    private List<String> heard(Person reader) {
        return Browser.texts(seen(reader).json().path("comments"), "words");
    }

    private String path() {
        return "/api/noticeboard/%s/comments/%s".formatted(piece, comment);
    }

    private int change(Person by, String what, String body) {
        return browser.send(by, "PUT", path() + "/" + what, body).status();
    }

    @Test
    void waitForTheTeacherWhoMaySayNotYet() {
        assertThat(showEntry().status()).isEqualTo(204);
        assertThat(seen(classmate).status()).isEqualTo(404);
        assertThat(board(classmate)).isEmpty();
        assertThat(board(teacher).at("/0/standing").asString()).isEqualTo("ASKED");
        assertThat(move(teacher, "NOT_YET", "Name the wall.")).isEqualTo(204);
        assertThat(board(student).at("/0/teacherWords").asString()).isEqualTo("Name the wall.");
        assertThat(move(student, "SHOWN", ""))
                .as("their own word is not enough")
                .isEqualTo(404);
        showEntry();
        assertThat(move(teacher, "SHOWN", "")).isEqualTo(204);
        assertThat(board(classmate).at("/0/words").asString()).isEqualTo("Look at the twenty.");
    }

    @Test
    void areThatWorkAloneAsItWasWhenItWasShown() {
        showAtOnce();
        var before = seen(classmate).json().path("pages").toString();
        assertThat(before).contains("Twenty claps, not one.").doesNotContain("I do not like this topic.");
        browser.send(student, "DELETE", "/api/entries/" + entry, "");
        assertThat(seen(classmate).json().path("pages").toString()).isEqualTo(before);
        assertThat(Browser.texts(board(classmate), "firstWords")).containsExactly("Twenty claps, not one.");
        assertThat(board(classmate).at("/0/topics/0").asString()).startsWith("2.3 ");
    }

    @Test
    void areSeenByNobodyOnceTakenBackAndCanBeShownAnew() {
        showAtOnce();
        assertThat(move(student, "TAKEN_BACK", "")).isEqualTo(204);
        assertThat(seen(classmate).status()).isEqualTo(404);
        assertThat(seen(teacher).status()).isEqualTo(404);
        assertThat(seen(student).status()).isEqualTo(200);
        showEntry();
        assertThat(seen(classmate).status()).isEqualTo(200);
    }

    @Test
    void areSeenByTheirTeacherAlone() {
        show("{'entryId':'%s'}".formatted(entry), "TEACHER");
        assertThat(seen(teacher).json().at("/line/standing").asString()).isEqualTo("SHOWN");
        assertThat(seen(classmate).status()).isEqualTo(404);
    }

    @Test
    void areNotSeenByThoseWhoLeftTheClass() {
        showAtOnce();
        people.keep(schoolClass, List.of(student.id(), teacher.id()));
        assertThat(seen(classmate).status()).isEqualTo(404);
        assertThat(browser.get(classmate, "/api/classes/%s/noticeboard".formatted(schoolClass.id()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void showTheirPicturesForAsLongAsTheyAreShown() {
        letThemShow();
        var photo = school.photo(student, desk, EntryWidth.HALF);
        assertThat(browser.get(classmate, "/api/media/" + photo).status()).isEqualTo(404);
        show("{'pageId':'%s'}".formatted(desk.page().id()), "CLASS");
        assertThat(browser.get(classmate, "/api/media/" + photo).status()).isEqualTo(200);
        assertThat(board(classmate).at("/0/pictureId").asString()).isEqualTo(photo.toString());
        move(student, "TAKEN_BACK", "");
        assertThat(browser.get(classmate, "/api/media/" + photo).status()).isEqualTo(404);
    }

    @Test
    void areTalkThroughsWithTheirVoice() {
        letThemShow();
        var talked = TalkedPage.on(desk, browser, student);
        show("{'entryId':'%s'}".formatted(talked.drawing()), "CLASS");
        assertThat(Browser.texts(seen(classmate).json().at("/pages/0/entries"), "id"))
                .containsExactlyInAnyOrder(
                        talked.drawing().toString(), talked.recording().toString());
    }

    @Test
    void areCollectionsToo() {
        letThemShow();
        var collection = UUID.randomUUID();
        browser.send(student, "PUT", "/api/collections/" + collection, "{'title':'Echoes','purpose':''}");
        assertThat(show("{'collectionId':'%s'}".formatted(collection), "CLASS").status())
                .as("nothing is in it")
                .isEqualTo(409);
        browser.send(
                student,
                "PUT",
                "/api/collections/%s/items/%s".formatted(collection, UUID.randomUUID()),
                "{'kind':'NOTE','title':'Bats','note':'They shout.'}");
        assertThat(show("{'collectionId':'%s'}".formatted(collection), "CLASS").status())
                .isEqualTo(204);
        assertThat(seen(classmate).json().path("pages").toString()).contains("They shout.");
    }

    @Test
    void areOnesOwnWorkForOnesOwnClass() {
        var theirs = school.typed(classmate, school.desk(classmate, schoolClass), "Mine");
        assertThat(show("{'entryId':'%s'}".formatted(theirs), "CLASS").status()).isEqualTo(404);
        assertThat(browser.send(
                                student,
                                "PUT",
                                "/api/noticeboard/" + piece,
                                "{'classId':'%s','source':{'entryId':'%s'},'audience':'CLASS','words':''}"
                                        .formatted(school.schoolClass.id(), entry))
                        .status())
                .isEqualTo(404);
        assertThat(show("{}", "CLASS").detail()).contains("Choose what to show");
    }

    @Test
    void areTalkedAboutByName() {
        showAtOnce();
        var answer = UUID.randomUUID();
        say(classmate, comment, "");
        say(student, answer, ",'answerTo':'%s'".formatted(comment));
        say(classmate, UUID.randomUUID(), ",'answerTo':'%s'".formatted(answer));
        var comments = seen(teacher).json().path("comments");
        assertThat(Browser.texts(comments, "by"))
                .containsExactlyInAnyOrder(classmate.fullName(), student.fullName(), classmate.fullName());
        assertThat(comments.valueStream().map(said -> said.path("answerTo").asString("")))
                .as("an answer to an answer stays in the same talk")
                .containsExactlyInAnyOrder("", comment.toString(), comment.toString());
        assertThat(say(student, comment, "").status())
                .as("nobody speaks for another")
                .isEqualTo(404);
    }

    @Test
    void haveCommentsThatATeacherHides() {
        showAtOnce();
        say(classmate, comment, "");
        assertThat(change(student, "hidden", "{'isHidden':true}")).isEqualTo(404);
        assertThat(change(teacher, "hidden", "{'isHidden':true}")).isEqualTo(204);
        assertThat(heard(student)).isEmpty();
        assertThat(heard(classmate)).hasSize(1);
        assertThat(seen(teacher).json().at("/comments/0/isHidden").asBoolean()).isTrue();
        change(teacher, "hidden", "{'isHidden':false}");
        assertThat(heard(student)).hasSize(1);
    }

    @Test
    void haveCommentsThatAreClosedByWhoseWorkItIs() {
        showAtOnce();
        say(classmate, comment, "");
        assertThat(change(classmate, "closed", "{'isClosed':true}")).isEqualTo(404);
        assertThat(change(student, "closed", "{'isClosed':true}")).isEqualTo(204);
        var answer = say(classmate, UUID.randomUUID(), ",'answerTo':'%s'".formatted(comment));
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).isEqualTo("This is closed. Say something new instead.");
    }

    @Test
    void haveCommentsThatAreTakenBackAndSaidAgain() {
        showAtOnce();
        say(classmate, comment, "");
        assertThat(browser.send(student, "DELETE", path(), "").status()).isEqualTo(404);
        assertThat(browser.send(classmate, "DELETE", path(), "").status()).isEqualTo(204);
        assertThat(heard(teacher)).isEmpty();
        say(classmate, comment, "");
        assertThat(heard(teacher)).hasSize(1);
    }

    @Test
    void keepAnswersWhenWhatTheyAnswerIsTakenBack() {
        showAtOnce();
        var answer = UUID.randomUUID();
        say(classmate, comment, "");
        say(student, answer, ",'answerTo':'%s'".formatted(comment));
        browser.send(classmate, "DELETE", path(), "");
        assertThat(heard(teacher)).hasSize(1);
        assertThat(say(classmate, UUID.randomUUID(), ",'answerTo':'%s'".formatted(answer))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void haveCommentsThatAreSpoken() {
        showAtOnce();
        var sound = UUID.randomUUID();
        browser.upload(classmate, sound, "said.wav", Samples.sound("wav", 1));
        say(classmate, comment, ",'soundId':'%s'".formatted(sound));
        assertThat(seen(student).json().at("/comments/0/sound/id").asString()).isEqualTo(sound.toString());
        assertThat(browser.get(student, "/api/media/" + sound).status()).isEqualTo(200);
        change(teacher, "hidden", "{'isHidden':true}");
        assertThat(browser.get(student, "/api/media/" + sound).status()).isEqualTo(404);
        assertThat(say(student, UUID.randomUUID(), ",'soundId':'%s'".formatted(sound))
                        .status())
                .as("nobody speaks with another's voice")
                .isEqualTo(404);
    }

    @Test
    void areSilentWhileTheyAreNotShown() {
        showEntry();
        assertThat(say(teacher, comment, "").status()).isEqualTo(409);
        assertThat(say(classmate, comment, "").status()).isEqualTo(404);
    }

    @Test
    void takeMarkupAsTheWordsThatItIs() {
        showAtOnce();
        browser.send(classmate, "PUT", path(), "{'words':'<img src=x onerror=alert(1)>'}");
        assertThat(heard(student)).containsExactly("<img src=x onerror=alert(1)>");
        assertThat(browser.send(classmate, "PUT", path(), "{'words':'%s'}".formatted("x".repeat(1_001)))
                        .detail())
                .contains("1 to 1,000 letters");
    }
}
