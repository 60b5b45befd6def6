package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Recordings that run beside everything else, and the way between a note and what was said when it was made. */
class VoiceTest {
    private final Chrome chrome = new Chrome();
    private Desk ivo;

    @BeforeEach
    void layAPage() {
        ivo = new Desk(chrome.signedIn("ivo"));
        ivo.go("Refraction").fill("Title of a new page", "Spoken").press("Make a page");
        assertThat(ivo.page().getByLabel("Title of the page")).hasValue("Spoken");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void tiesNotesToWhatWasSaidAcrossAPauseAndAnotherScreen() {
        ivo.key("r").press("Start recording").sees("Recording for");
        ivo.page().waitForTimeout(1_500);
        // A note's moment is that of its first letter, however long the rest takes.
        var wrote = Instant.now();
        ivo.write("Light bends toward the normal.");
        ivo.press("^Mark this moment").sees("1 moment marked");
        ivo.press("^Pause$").sees("Paused, for");
        ivo.page().waitForTimeout(3_000);
        ivo.go("^Coverage$").press("^Go on$").sees("Recording for");
        ivo.page().waitForTimeout(1_500);
        ivo.follow("^Spoken$").write("And away from it on the way out.");
        var between = Duration.between(wrote, Instant.now());
        ivo.kept();
        ivo.page().waitForTimeout(1_000);
        ivo.press("^Stop and keep$");
        assertThat(ivo.entries()).hasCount(3);
        ivo.kept().reload();

        var first = ivo.entries().first();
        // Three seconds of pause are no part of the sound.
        var apart = heardFrom(ivo.entries().nth(1)) - heardFrom(first);
        Assertions.assertThat(apart).isBetween(1L, between.toSeconds() - 2);
        first.getByText("Hear from").click();
        assertThat(first).hasAttribute("data-lit", "");
        first.getByLabel(Pattern.compile("Hear what was said at 0:")).click();
        assertThat(first.locator(".said-now")).hasText("Light bends toward the normal.");
        ivo.entries().last().focus();
        ivo.page().getByLabel("Name of the moment at").fill("Why it bends");
        ivo.kept().press("^On 5 s$");
        assertThat(first).not().hasAttribute("data-lit", "");
    }

    @Test
    void answersASheetAloudForTheTeacherToHear() {
        ivo.write("Light bends toward the normal.").kept();
        ivo.go("^Looking back$").follow("Week 12");
        ivo.press("Light bends toward").press("^Say it$").sees("Recording for");
        ivo.page().waitForTimeout(2_000);
        ivo.press("^Stop and keep$").sees("spoken, of").sees("All kept").reload();
        ivo.sees("spoken, of").sees("Hand in this sheet").follow("Hand in this sheet");
        ivo.press("^Send with").sees("waiting to be read");

        var tolland = new Desk(chrome.signedIn("tolland"));
        tolland.go("^Weekly sheets of 10B");
        tolland.page()
                .getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Ivo")))
                .getByRole(AriaRole.LINK)
                .click();
        tolland.sees("Week 12, looking back").sees("Light bends toward the normal.");
        assertThat(tolland.button("^Play What do you understand")).isVisible();
    }

    @Test
    void looksBackOnOnePieceAndFindsItFromBothSides() {
        ivo.write("Light bends toward the normal.").kept().reload();
        ivo.entries().first().focus();
        ivo.follow("Look back on this entry").sees("Looking back on “Light bends toward the normal.”");
        ivo.fill("What is it?", "A sentence on glass.").sees("All kept");
        ivo.follow("Its page");
        ivo.sees("A sentence on glass.").follow("A sentence on glass.");
        assertThat(ivo.page().getByLabel("What is it?")).hasValue("A sentence on glass.");
        ivo.go("^Looking back$").sees("A sentence on glass.");
    }

    @Test
    void listensInItsOwnTimeAndOnOtherScreens() {
        record("r");
        ivo.press("Play Recording");
        ivo.page().locator("select:has(option:text('0.85'))").selectOption("1.5");
        ivo.press("^Again from here$").press("^On 5 s$");
        ivo.go("^Coverage$");
        var bar = ivo.page().getByLabel("Playing");
        assertThat(bar).containsText("Recording");
        bar.getByText("Recording", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(ivo.page().getByLabel("Title of the page")).hasValue("Spoken");
    }

    @Test
    void saysWhatToDoWithASoundThatIsNone() {
        ivo.key("r").choose(ivo.page().locator("input[type=file]"), "lesson.mp3", new byte[] {
            'I', 'D', '3', 3, 0, 0, 0, 0, 0, 0, 1, 2, 3
        });
        ivo.sees("This recording breaks off or is damaged.").press("^Seen$");
        assertThat(ivo.entries()).hasCount(0);
    }

    @Test
    void saysWhereTheMicrophoneIsKeptFromThePage() {
        ivo.page().evaluate("""
                        () => {
                          navigator.mediaDevices.getUserMedia = async () => { throw new DOMException('', 'NotAllowedError') };
                        }""");
        ivo.key("r").press("Start recording").sees("Allow it beside the address");
    }

    /** The second of its recording that a note leads to. */
    private static long heardFrom(Locator note) {
        var words =
                note.getByText(Pattern.compile("Hear from 0:\\d\\d")).first().innerText();
        return Long.parseLong(words.replaceAll("(?s).*0:(\\d\\d).*", "$1"));
    }

    private void record(String key) {
        ivo.key(key).press("Start recording").sees("Recording for");
        ivo.page().waitForTimeout(2_500);
        ivo.press("^Stop and keep$");
        assertThat(ivo.entries()).hasCount(1);
        ivo.kept();
    }
}
