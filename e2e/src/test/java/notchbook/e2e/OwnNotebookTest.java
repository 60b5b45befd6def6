package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** From an empty machine to a notebook with work in it, and from there to another machine. */
class OwnNotebookTest {
    private static final String DOCUMENT = """
            Larkfield Board: Waves, sound and light
            1 Waves (40 %)
            1.1 Describing waves
            1.1a say what wavelength, frequency and amplitude
            are
            1.1b use speed = frequency × wavelength
            Larkfield Board 412                                  7
            2 Sound (60 %)
            2.1 Echoes
            2.1a an echo as a reflected sound
            2.1b distance from the time of an echo (extended)
            """;

    private static final String PASSWORD = "kettle-moss-violin-9";

    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void beginsWithACodeGoesThroughAFirstLessonAndMovesToAnotherMachine() throws IOException {
        var folder = Started.emptyFolder();
        var backup = folder.resolve("notchbook.tar");
        Path broken;
        try (var serving = Serving.of(folder.resolve("data"))) {
            assertThat(Files.getPosixFilePermissions(folder.resolve("data/database-user")))
                    .hasToString("[OWNER_READ, OWNER_WRITE]");
            var ida = new Desk(chrome.context(1280, 800).newPage());
            begin(ida, serving);
            lesson(ida);
            takeAlong(ida, serving);
            assertThat(serving.run("password", "nobody")).contains("Nobody signs in as \"nobody\".");
            assertThat(serving.run("password", "ida")).contains("ida signs in with");
            assertThat(serving.run("backup", backup.toString())).contains("holds everything");
            broken = damaged(backup);
        }
        var elsewhere = folder.resolve("elsewhere");
        assertThat(Serving.restore(elsewhere, broken)).contains("this backup is damaged");
        assertThat(Files.exists(elsewhere.resolve("media"))).isFalse();
        assertThat(Serving.restore(elsewhere, backup)).contains("All is there");
        assertThat(Serving.restore(elsewhere, backup)).contains("Restore into an empty Notchbook");
        assertThat(Files.exists(elsewhere.resolve("media/bags"))).isFalse();
        try (var serving = Serving.of(elsewhere)) {
            var password = serving.run("password", "ida").replaceAll("(?s).*signs in with (\\S+) now.*", "$1");
            var ida = new Desk(chrome.context(1280, 800).newPage());
            ida.page().navigate(serving.address());
            ida.fill("Name", "ida").fill("Password", password).press("Sign in");
            ida.go("2.1 Echoes").follow("First page").sees("An echo is a reflected sound.");
            assertThat(ida.page().locator("#screen img").first()).isVisible();
            ida.go("^Coverage$").press("of the marks").sees("1 of 3 points in force");
            ida.page().navigate(serving.address() + "/bags");
            ida.sees("Choose a bag");
            assertThat(saveBag(ida)).hasCount(0);
        }
    }

    /** Makes a bag, which can be made again and is in no backup. */
    private static void takeAlong(Desk ida, Serving serving) {
        ida.page().navigate(serving.address() + "/bags");
        ida.press("Make it");
        assertThat(saveBag(ida)).isVisible();
    }

    private static Locator saveBag(Desk ida) {
        return ida.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save the bag of Everything"));
    }

    private static void begin(Desk ida, Serving serving) {
        ida.page().navigate(serving.address());
        ida.fill("Code", serving.code()).fill("Your name", "Ida Fell").fill("Password", "ida");
        ida.sees("Too short.").fill("Password", PASSWORD).press("Make the account");
    }

    private static void lesson(Desk ida) {
        ida.sees("What do you have of the syllabus?")
                .fill("Paste the topics from the syllabus document", DOCUMENT)
                .press("Find the topics")
                .sees("say what wavelength, frequency and amplitude are")
                .sees("2 units, 2 topics, 4 points");
        ida.fill("Code of the syllabus", "412").press("Keep this syllabus");
        assertThat(ida.page().getByLabel("Title", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        ida.press("Make the notebook").sees("Begin here");
        ida.choose("Section of the first page", "2.1 Echoes").press("Make the first page");
        assertThat(ida.page().getByLabel("Title of the page")).hasValue("First page");
        ida.write("An echo is a reflected sound.").kept().notch("2.1a").kept();
        ida.slot("2.1a").waitFor();
        ida.key("p").press("Scan pages").sees("No photo yet");
        ida.page()
                .getByLabel("Add files")
                .setInputFiles(new FilePayload("sheet.png", "image/png", Papers.photographed(3, 4)));
        ida.sees("1 photo, 1 page").press("^Put 1 page into").kept();
        ida.go("^Coverage$").press("of the marks").sees("1 of 3 points in force");
        ida.page().navigate(ida.page().url().replaceAll("/coverage$", ""));
        ida.sees("Sections of");
        assertThat(ida.page().getByText("Begin here")).hasCount(0);
        assertThat(ida.page()
                        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Echoes")))
                        .first())
                .isVisible();
    }

    /** The same archive with one letter of its database changed. */
    private static Path damaged(Path backup) throws IOException {
        var content = Files.readAllBytes(backup);
        var word = "An echo is a reflected sound.".getBytes(UTF_8);
        var at = indexOf(content, word);
        content[at] = 'a';
        return Files.write(backup.resolveSibling("damaged.tar"), content);
    }

    private static int indexOf(byte[] content, byte[] word) {
        for (var at = 0; at + word.length <= content.length; at++) {
            if (java.util.Arrays.equals(content, at, at + word.length, word, 0, word.length)) {
                return at;
            }
        }
        throw new AssertionError("The words are not in the backup.");
    }
}
