package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import java.util.regex.Pattern;
import notchbook.app.entry.EntryWidth;
import notchbook.app.people.Person;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Links for readers outside where the school wants a teacher's yes first. */
class ConsentTest extends AppTest {
    private static final Pattern MEDIA = Pattern.compile("media/[0-9a-f]{64}");

    @Autowired
    private DSLContext db;

    private String secret;
    private UUID link;
    private School.Desk desk;

    @BeforeEach
    void page() throws Exception {
        db.execute("delete from reader_try");
        TestServer.MAIL.purgeEmailFromAllMailboxes();
        desk = school.desk(school.student);
        school.typed(school.student, desk, "Sound comes back from the wall.", "2.3a");
        school.photo(school.student, desk, EntryWidth.HALF);
        secret = UUID.randomUUID().toString();
        link = UUID.randomUUID();
        decide("CONSENT");
    }

    @AfterEach
    void free() {
        decide("FREE");
    }

    private void decide(String rule) {
        assertThat(browser.send(school.keeper, "PUT", "/api/school/reader-links", "{'rule':'" + rule + "'}")
                        .status())
                .isEqualTo(200);
    }

    private Browser.Answer give(String mail) {
        return browser.send(school.student, "PUT", "/api/reader-links/" + link, """
                {'kind':'PAGE','of':'%s','reader':'Gran Quist','lastDay':'2026-12-02','mayAnswer':true,'secret':'%s'%s}""".formatted(
                        desk.page().id(), secret, mail.isEmpty() ? "" : ",'mail':'" + mail + "'"));
    }

    private Browser.Answer open() {
        return browser.get(null, "/reading/" + secret + "/");
    }

    private String text(Browser.Answer answer) {
        return new String(answer.response().getContentAsByteArray(), UTF_8);
    }

    private Browser.Answer say(Person person, String word) {
        return browser.send(person, "POST", "/api/asked-links/" + link + "/" + word, "");
    }

    private boolean isAskedOf(Person teacher) {
        return Browser.texts(browser.get(teacher, "/api/asked-links").json(), "id")
                .contains(link.toString());
    }

    @Test
    void opensAndIsSentOnceATeacherOfTheStudentSaysYes() {
        assertThat(give("gran@skerrow.example").json().path("consent").asString())
                .isEqualTo("WAITING");
        assertThat(TestServer.MAIL.getReceivedMessages()).isEmpty();
        assertThat(open().status()).isEqualTo(403);
        assertThat(text(open()))
                .contains("This link does not open yet")
                .doesNotContain("Sound comes back", school.student.fullName());

        assertThat(isAskedOf(school.teacher)).isTrue();
        assertThat(say(school.teacher, "yes").status()).isEqualTo(204);
        assertThat(TestServer.MAIL.getReceivedMessages()).hasSize(1);
        assertThat(open().status()).isEqualTo(200);
        assertThat(isAskedOf(school.teacher)).isFalse();
        assertThat(db.fetchSingle("select mail_address from reader_link where id = ?", link)
                        .get(0))
                .as("the address goes with the yes")
                .isNull();
    }

    @Test
    void opensNothingWhereATeacherSaysNo() {
        give("gran@skerrow.example");
        assertThat(say(school.teacher, "no").status()).isEqualTo(204);
        assertThat(open().status()).isEqualTo(410);
        assertThat(say(school.teacher, "yes").status()).isEqualTo(404);
        assertThat(TestServer.MAIL.getReceivedMessages()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"yes", "no"})
    void isForNobodyElseToDecide(String word) {
        give("");
        for (var person : new Person[] {school.student, school.classmate, school.otherTeacher, school.keeper}) {
            assertThat(say(person, word).status()).as(person.userName()).isEqualTo(404);
        }
        assertThat(isAskedOf(school.otherTeacher)).isFalse();
        assertThat(open().status()).isEqualTo(403);
    }

    @Test
    void showsTheTeacherWhatItsReaderWouldSee() {
        give("");
        var path = "/api/asked-links/" + link + "/page/";
        var page = browser.get(school.teacher, path);
        assertThat(text(page))
                .contains(
                        "Sound comes back from the wall.", "This is what Gran Quist would see, until 2 December 2026.")
                .doesNotContain("<form");
        assertThat(page.response().getHeader("Content-Security-Policy")).startsWith("default-src 'none'");
        var picture = MEDIA.matcher(text(page));
        assertThat(picture.find()).isTrue();
        assertThat(browser.get(school.teacher, path + picture.group())
                        .response()
                        .getContentType())
                .isEqualTo("image/jpeg");
        assertThat(browser.get(school.otherTeacher, path).status()).isEqualTo(404);
        assertThat(browser.get(school.otherTeacher, path + picture.group()).status())
                .isEqualTo(404);
        say(school.teacher, "no");
        assertThat(browser.get(school.teacher, path).status())
                .as("once it is decided")
                .isEqualTo(404);
    }

    @Test
    void waitsAgainWhereItsMailCanNotBeSent() {
        give("gran@skerrow..example");
        var answer = say(school.teacher, "yes");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).startsWith("The mail could not be sent just now.");
        assertThat(isAskedOf(school.teacher)).isTrue();
        assertThat(open().status()).isEqualTo(403);
    }

    @Test
    void isGoneFromTheTeachersListWhenItIsTakenBack() {
        give("");
        browser.send(school.student, "DELETE", "/api/reader-links/" + link, "");
        assertThat(isAskedOf(school.teacher)).isFalse();
        assertThat(say(school.teacher, "yes").status()).isEqualTo(404);
        assertThat(open().status()).isEqualTo(410);
    }

    @Test
    void isNotGivenWhereTheSchoolGivesNone() {
        decide("NONE");
        var refused = give("");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).startsWith("Your school gives no links to readers outside.");
        assertThat(browser.get(school.student, "/api/reader-links")
                        .json()
                        .path("rule")
                        .asString())
                .isEqualTo("NONE");
    }
}
