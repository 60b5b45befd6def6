package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;

class CopiesTest extends AppTest {
    @Autowired
    private JdbcClient db;

    @Value("${notchbook.media-folder}")
    private Path mediaFolder;

    private School.Desk desk;
    private CopiedFiles copies;
    private UUID version;

    @BeforeEach
    void handIn() {
        desk = school.desk(school.student);
        copies = new CopiedFiles(browser);
        school.typed(school.student, desk, "We timed one clap", "2.3a", "2.3b");
        version = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/hand-ins/" + version,
                Sealing.section(desk.section(), school.setWork().id(), true));
    }

    @ParameterizedTest
    @CsvSource({
        "PDF,%PDF,application/pdf",
        "EPUB,PK,application/epub+zip",
        "WEB,PK,application/zip",
        "WORD,PK,application/vnd.openxmlformats-officedocument.wordprocessingml.document",
        "MARKDOWN,PK,application/zip",
        "PICTURES,PK,application/zip"
    })
    void leaveInEachForm(String form, String begins, String type) throws IOException {
        var sealed = copies.of(school.teacher, "VERSION", version, form);
        assertThat(sealed.getContentType()).isEqualTo(type);
        assertThat(new String(sealed.getContentAsByteArray(), UTF_8)).startsWith(begins);
        assertThat(sealed.getHeader("Content-Disposition")).startsWith("attachment;");
        var now = copies.of(school.student, "SECTION", desk.section(), form);
        assertThat(new String(now.getContentAsByteArray(), UTF_8)).startsWith(begins);
    }

    @Test
    void areWantedTwiceAsOne() {
        var copy = copies.wanted(school.student, "VERSION", version, "MARKDOWN");
        copies.want(school.student, copy, "VERSION", version, "MARKDOWN");
        copies.settled(school.student, copy);
        assertThat(Browser.texts(browser.get(school.student, "/api/copies").json(), "id"))
                .filteredOn(copy.toString()::equals)
                .hasSize(1);
    }

    @Test
    void areNobodyElsesAndGoneWhenDeleted() {
        var copy = copies.wanted(school.student, "VERSION", version, "MARKDOWN");
        copies.settled(school.student, copy);
        var path = CopiedFiles.path(copy);
        assertThat(browser.get(school.teacher, path + "/file").status()).isEqualTo(404);
        assertThat(browser.send(school.teacher, "DELETE", path, "").status()).isEqualTo(404);
        assertThat(browser.send(school.student, "DELETE", path, "").status()).isEqualTo(204);
        assertThat(browser.get(school.student, path + "/file").status()).isEqualTo(404);
        assertThat(mediaFolder.resolve("copies").resolve(copy.toString())).doesNotExist();
    }

    @Test
    void areOfWhatTheirReaderMayReadAlone() {
        var copy = UUID.randomUUID();
        assertThat(copies.want(school.classmate, copy, "VERSION", version, "PDF")
                        .status())
                .isEqualTo(404);
        assertThat(copies.want(school.teacher, copy, "SECTION", desk.section(), "PDF")
                        .status())
                .as("a section that was not handed in")
                .isEqualTo(404);
    }

    @Test
    void closeWithWhatTheyWereMadeOf() {
        var copy = copies.wanted(school.teacher, "VERSION", version, "MARKDOWN");
        copies.settled(school.teacher, copy);
        var file = CopiedFiles.path(copy) + "/file";
        assertThat(browser.get(school.teacher, file).status()).isEqualTo(200);
        browser.send(school.student, "DELETE", "/api/hand-ins/" + version, "");
        assertThat(browser.get(school.teacher, file).status())
                .as("of a version that was taken back")
                .isEqualTo(404);
    }

    /** Its heart has not beaten for a while; another machine takes it up. */
    @Test
    void areMadeWhereTheMachineStoppedThatBeganThem() {
        var copy = UUID.randomUUID();
        db.sql("""
                insert into copy (id, owner_id, kind, of_id, form, paper, sounds, is_book, is_two_up, origin, title, state, share, bytes, wanted_at)
                values (?, ?, 'VERSION', ?, 'MARKDOWN', 'A4', 'LISTED', false, false, '', 'Echoes', 'WAITING', 0.4, 0, now(3))""")
                .params(copy.toString(), school.student.id().toString(), version.toString())
                .update();
        db.sql("""
                insert into job (task_name, task_instance, task_data, execution_time, picked, picked_by, last_heartbeat, version)
                values ('copy', ?, null, now(6) - interval 3 minute, true, 'a machine that stopped', now(6) - interval 3 minute, 1)""").param(copy.toString()).update();
        assertThat(copies.settled(school.student, copy).path("state").asString())
                .isEqualTo("READY");
    }

    @Test
    void sayWhatToDoWhenTheyCanNotBeMade() throws IOException {
        db.sql("delete from hand_in_part where hand_in_id = ?")
                .param(version.toString())
                .update();
        var copy = copies.wanted(school.student, "VERSION", version, "PDF");
        var failed = copies.settled(school.student, copy);
        assertThat(failed.path("state").asString()).isEqualTo("FAILED");
        assertThat(failed.path("words").asString()).startsWith("Something went wrong with it. Try again");
        try (var left = Files.list(mediaFolder.resolve("copies"))) {
            assertThat(left.map(Path::getFileName).map(Path::toString))
                    .noneMatch(name -> name.startsWith(copy.toString()));
        }
    }

    @Test
    void areNotReadyBeforeTheyAreMade() {
        var copy = UUID.randomUUID();
        copies.want(school.student, copy, "VERSION", version, "PDF");
        copies.settled(school.student, copy);
        db.sql("update copy set state = 'WAITING' where id = ?")
                .param(copy.toString())
                .update();
        var early = browser.get(school.student, CopiedFiles.path(copy) + "/file");
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.detail()).isEqualTo("This copy is not ready yet.");
    }
}
