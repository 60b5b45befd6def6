package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Position;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Talking while one draws, films and writes; and what becomes of it. */
class TalkTest {
    /** Other jobs may go first. */
    private static final double MAKING_MILLIS = 60_000;

    private final Chrome chrome = new Chrome();
    private Desk kit;

    @BeforeEach
    void layAPage() {
        kit = new Desk(chrome.signedIn("kit"));
        kit.go("Refraction").fill("Title of a new page", "Talked").press("Make a page");
        assertThat(kit.page().getByLabel("Title of the page")).hasValue("Talked");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void playsADrawingBackWithTheVoiceAndSavesItAsAFilm() throws IOException {
        kit.key("i");
        kit.entries().first().getByText("Explain aloud").click();
        kit.sees("Recording for");
        kit.page().waitForTimeout(1_200);
        draw(60, 80, 360);
        kit.page().waitForTimeout(1_200);
        draw(60, 200, 300);
        kit.fill("What it is about", "Two rays").press("^Pause$").press("^Go on$");
        kit.page().waitForTimeout(800);
        kit.press("^Stop and keep$").sees("Explains what stands before it");
        kit.kept().reload();
        assertThat(kit.entries()).hasCount(2);
        // What the device kept may be shown first, from before the recording had its length.
        assertThat(kit.entries().last()).containsText(Pattern.compile("0:00 of 0:(0[3-9]|[1-5]\\d)"));

        // A tap on a stroke plays from just before it was drawn, and the drawing stays as it is.
        var drawing = kit.entries().first().getByRole(AriaRole.IMG);
        drawing.click(new Locator.ClickOptions().setPosition(at(drawing, 300, 200)));
        assertThat(kit.page().getByRole(AriaRole.BUTTON, named("Stop Two rays")))
                .isVisible();
        assertThat(drawing.locator("path[data-lit]")).hasCount(1);
        assertThat(kit.page().getByLabel("Drawing surface")).hasCount(0);

        kit.press("Watch it being drawn").press("^Stop$");
        var stage = kit.page().locator("dialog").getByRole(AriaRole.IMG);
        // However far it played before it was stopped, three steps lead before both lines.
        kit.press("^Step back$").press("^Step back$").press("^Step back$");
        assertThat(stage.locator("path")).hasCount(0);
        kit.press("^Next step$").press("^Next step$");
        assertThat(stage.locator("path")).hasCount(2);
        kit.press("As a film .WebM.");
        var film = kit.page()
                .waitForDownload(new Page.WaitForDownloadOptions().setTimeout(MAKING_MILLIS), () -> kit.page()
                        .getByText("Save the film")
                        .click(new Locator.ClickOptions().setTimeout(MAKING_MILLIS)))
                .path();
        assertThat(probed(film)).contains("codec_name=vp8", "codec_name=opus");
        assertThat(seconds(film)).isBetween(3.0, 60.0);
    }

    @Test
    void filmsAClipTrimsItAndWritesDownWhatIsSaid() {
        kit.key("r").press("^Film a clip$").press("^Start filming$");
        kit.page().waitForTimeout(2_500);
        kit.press("^Stop and keep$");
        assertThat(kit.entries()).hasCount(1);
        kit.kept();
        var clip = kit.entries().first();
        clip.focus();
        var film = clip.locator("video");
        assertThat(film).hasAttribute("poster", Pattern.compile("/still\\?at=0"));
        film.evaluate("film => { film.currentTime = 0.4; }");
        kit.press("Let this picture stand for it");
        assertThat(film).hasAttribute("poster", Pattern.compile("/still\\?at=[34]\\d\\d"));
        kit.press("^Trim").pick("Begin here");
        kit.press("^Write what is said$");
        clip.getByLabel("Write what is said, a line each").fill("The ray goes in.");
        kit.press("^Now: ").sees("What is said, 1 line").kept().reload();
        assertThat(kit.entries().first().getByText("What is said, 1 line")).isVisible();
        film.evaluate("film => film.play()");
        kit.page().waitForFunction("() => document.querySelector('video').currentTime > 0.6");
        assertThat((String) film.evaluate("film => film.textTracks[0].cues[0].text"))
                .isEqualTo("The ray goes in.");
    }

    /** Draws a line across the open surface, over half a second. */
    private void draw(int from, int y, int to) {
        var box = kit.page().getByLabel("Drawing surface").boundingBox();
        var mouse = kit.page().mouse();
        mouse.move(box.x + from, box.y + y);
        mouse.down();
        for (var x = from; x <= to; x += 20) {
            mouse.move(box.x + x, box.y + y);
            kit.page().waitForTimeout(30);
        }
        mouse.up();
    }

    /** A place of the drawing, which is shown in another size than its surface was. */
    private static Position at(Locator drawing, double x, double y) {
        var scale = drawing.boundingBox().width / 640;
        return new Position(x * scale, y * scale);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static double seconds(Path film) throws IOException {
        var found = Pattern.compile("duration=([\\d.]+)").matcher(probed(film));
        assertThat(found.find()).isTrue();
        return Double.parseDouble(found.group(1));
    }

    private static String probed(Path film) throws IOException {
        var process = new ProcessBuilder(
                        "ffprobe",
                        "-v",
                        "error",
                        "-show_entries",
                        "stream=codec_name:format=duration",
                        "-of",
                        "default=noprint_wrappers=1",
                        film.toString())
                .start();
        return new String(process.getInputStream().readAllBytes());
    }
}
