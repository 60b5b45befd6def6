package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/** Recordings that run beside everything else, and the way between a note and what was said when it was made. */
@ResourceLock("joss")
class VoiceTest {
    private final Chrome chrome = new Chrome();
    private Desk joss;

    @BeforeEach
    void layAPage() {
        joss = new Desk(chrome.signedIn("joss"));
        joss.go("Refraction").fill("Title of a new page", "Spoken").press("Make a page");
        assertThat(joss.page().getByLabel("Title of the page")).hasValue("Spoken");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void tiesNotesToWhatWasSaidAcrossAPauseAndAnotherScreen() {
        joss.key("r").press("Start recording").sees("Recording for");
        joss.page().waitForTimeout(1_500);
        joss.write("Light bends toward the normal.");
        var wrote = Instant.now();
        joss.press("^Mark this moment").sees("1 moment marked");
        joss.press("^Pause$").sees("Paused, for");
        joss.page().waitForTimeout(3_000);
        joss.go("^Coverage$").press("^Go on$").sees("Recording for");
        joss.page().waitForTimeout(1_500);
        joss.follow("^Spoken$").write("And away from it on the way out.");
        var between = Duration.between(wrote, Instant.now());
        joss.kept();
        joss.page().waitForTimeout(1_000);
        joss.press("^Stop and keep$");
        assertThat(joss.entries()).hasCount(3);
        joss.kept().reload();

        var first = joss.entries().first();
        // Three seconds of pause are no part of the sound.
        var apart = heardFrom(joss.entries().nth(1)) - heardFrom(first);
        Assertions.assertThat(apart).isBetween(1L, between.toSeconds() - 2);
        first.getByText("Hear from").click();
        assertThat(first).hasAttribute("data-lit", "");
        first.getByLabel(Pattern.compile("Hear what was said at 0:")).click();
        assertThat(first.locator(".said-now")).hasText("Light bends toward the normal.");
        joss.entries().last().focus();
        joss.page().getByLabel("Name of the moment at").fill("Why it bends");
        joss.kept().press("^On 5 s$");
        assertThat(first).not().hasAttribute("data-lit", "");
    }

    @Test
    void listensInItsOwnTimeAndOnOtherScreens() {
        record("r");
        joss.press("Play Recording");
        joss.page().locator("select:has(option:text('0.85'))").selectOption("1.5");
        joss.press("^Again from here$").press("^On 5 s$");
        joss.go("^Coverage$");
        var bar = joss.page().getByLabel("Playing");
        assertThat(bar).containsText("Recording");
        bar.getByText("Recording", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(joss.page().getByLabel("Title of the page")).hasValue("Spoken");
    }

    @Test
    void saysWhatToDoWithASoundThatIsNone() {
        joss.key("r").choose(joss.page().locator("input[type=file]"), "lesson.mp3", new byte[] {
            'I', 'D', '3', 3, 0, 0, 0, 0, 0, 0, 1, 2, 3
        });
        joss.sees("This recording breaks off or is damaged.").press("^Seen$");
        assertThat(joss.entries()).hasCount(0);
    }

    @Test
    void saysWhereTheMicrophoneIsKeptFromThePage() {
        joss.page().evaluate("""
                        () => {
                          navigator.mediaDevices.getUserMedia = async () => { throw new DOMException('', 'NotAllowedError') };
                        }""");
        joss.key("r").press("Start recording").sees("Allow it beside the address");
    }

    /** The second of its recording that a note leads to. */
    private static long heardFrom(Locator note) {
        var words =
                note.getByText(Pattern.compile("Hear from 0:\\d\\d")).first().innerText();
        return Long.parseLong(words.replaceAll("(?s).*0:(\\d\\d).*", "$1"));
    }

    private void record(String key) {
        joss.key(key).press("Start recording").sees("Recording for");
        joss.page().waitForTimeout(2_500);
        joss.press("^Stop and keep$");
        assertThat(joss.entries()).hasCount(1);
        joss.kept();
    }
}
