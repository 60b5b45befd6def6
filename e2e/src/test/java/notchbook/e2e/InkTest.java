package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A pen on an empty surface, and on a worksheet that was photographed. */
class InkTest {
    private final Chrome chrome = new Chrome();
    private Desk rue;
    private Page page;

    @BeforeEach
    void makeAPage() {
        page = chrome.signedIn("rue");
        rue = new Desk(page);
        rue.go("Lenses").fill("Title of a new page", "With a pen").press("Make a page");
        assertThat(page.getByLabel("Title of the page")).hasValue("With a pen");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void drawsWithPressureAndLeanMakesFiguresAndErasesWhatItTouches() {
        page.clock().install();
        rue.reload().key("i");
        var pen = new Stylus(page);
        // While no time goes by, no halt of this machine is taken for a pen held still.
        page.clock().pauseAt(System.currentTimeMillis() + 1_000);
        pen.down(0.1, 0.2, 0.3).to(0.3, 0.4, 0.9).to(0.5, 0.2, 0.5).up();
        pen.down(0.1, 0.7, 0.5).to(0.5, 0.71, 0.5).still().up();
        page.clock().resume();
        rue.sees("The pen draws, fingers scroll.").kept();
        var drawn = strokes();
        assertThat(drawn).hasSize(2);
        assertThat(drawn.getFirst().get(0).get(2).doubleValue()).as("pressure").isEqualTo(0.3, within(0.02));
        assertThat(drawn.getFirst().get(0).get(4).doubleValue())
                .as("lean in degrees")
                .isEqualTo(50, within(1.0));
        assertThat(drawn.getLast()).as("a line has two ends").hasSize(2);
        rue.press("^Eraser").press("^Only what it touches");
        pen.down(0.3, 0.6, 0.5).to(0.3, 0.8, 0.5).up();
        rue.kept();
        assertThat(strokes()).hasSize(3);
        rue.press("^Undo").kept().reload();
        assertThat(strokes()).hasSize(2);
        assertThat(page.locator("section[id^=entry-] svg path")).hasCount(2);
    }

    @Test
    void writesOnAWorksheetAsksThereAndFollowsThePaperWhenItIsTurned() throws Exception {
        bringAWorksheet();
        writeOnIt();
        var pen = new Stylus(page);
        rule(pen);
        tool("Callout").down(0.5, 0.5, 0.5).to(0.6, 0.6, 0.5).up();
        words("Too near the wall");
        tool("Spot").down(0.25, 0.25, 0.5).up();
        words("Does wind change it?");
        dialog().getByRole(AriaRole.BUTTON, named("Open question")).click();
        rue.press("^Close").kept().reload();
        assertThat(written())
                .hasAttribute("aria-label", "Written on it. Callout: Too near the wall. Spot 1: Does wind change it?");
        rue.sees("Still open").sees("Does wind change it?");
        var before = spot();
        new LayerOnPaper(page, written()).isPrintedAsItIsSeen();

        page.locator("section.entry").first().focus();
        rue.press("^Pages")
                .pick("Work on them at the scan bench")
                .sees("1 photo, 1 page")
                .key("t");
        rue.press("^Keep 1 page");
        page.waitForCondition(() -> isAt(1 - before.get(1), before.get(0)));

        page.locator("section.entry").first().focus();
        rue.press("^Pages");
        var pdf = page.waitForDownload(() -> rue.pick("As a PDF")).path();
        try (var read = Loader.loadPDF(pdf.toFile())) {
            assertThat(read.getPage(0).getResources().getXObjectNames()).hasSize(2);
        }
    }

    @Test
    void leadsFromTheTextToASpot() {
        bringAWorksheet();
        writeOnIt();
        tool("Spot").down(0.5, 0.8, 0.5).up();
        words("Crest");
        rue.press("^Close").kept();
        rue.write("Look at the ");
        rue.press("^Put in").pick("Link").press("^Spot 1: Crest");
        rue.kept().reload();
        page.locator(".ProseMirror a").click();
        assertThat(page).hasURL(Pattern.compile("#spot-"));
        assertThat(written().locator("circle")).hasCount(2);
    }

    @Test
    void needsNoPointerToPutMoveAndUndo() {
        bringAWorksheet();
        writeOnIt();
        dialog().getByRole(AriaRole.BUTTON, named("Spot")).press("Enter");
        page.getByLabel("Drawing surface").press("Enter");
        page.keyboard().type("Here");
        page.getByLabel("Drawing surface").focus();
        for (var i = 0; i < 10; i++) {
            page.keyboard().press("Shift+ArrowLeft");
        }
        rue.press("^Close").kept();
        assertThat(spot().getFirst()).isEqualTo(0.25, within(0.01));
    }

    private void bringAWorksheet() {
        rue.key("p").press("Scan pages").sees("No photo yet");
        page.getByLabel("Add files")
                .setInputFiles(new FilePayload("IMG_1.png", "image/png", Papers.photographed(4, 0)));
        assertThat(page.locator("body")).containsText("1 photo, 1 page", new ContainsTextOptions().setTimeout(120_000));
        assertThat(rue.button("^Put 1 page into")).isEnabled();
        rue.press("^Put 1 page into");
        assertThat(rue.entries()).hasCount(1);
        rue.entries().first().focus();
    }

    /** Small enough that all of the sheet is seen: a pen does not scroll to where it is sent. */
    private void writeOnIt() {
        rue.press("^Write on").press("^Show it smaller").press("^Show it smaller");
    }

    /** A stroke over what is printed. */
    private void rule(Stylus pen) {
        tool("Highlighter");
        pen.down(0.1, 0.12, 0.5).to(0.6, 0.12, 0.5).up();
    }

    private Stylus tool(String name) {
        dialog().getByRole(AriaRole.BUTTON, named(name)).click();
        return new Stylus(page);
    }

    private void words(String words) {
        assertThat(dialog().locator("textarea")).isFocused();
        page.keyboard().type(words);
    }

    private Locator dialog() {
        return page.locator("dialog[open]");
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name).setExact(true);
    }

    private Locator written() {
        return page.locator("svg[aria-label^='Written on it']").first();
    }

    private boolean isAt(double x, double y) {
        var spot = spot();
        return Math.abs(spot.get(0) - x) < 0.02 && Math.abs(spot.get(1) - y) < 0.02;
    }

    /** Where the spot lies on the picture that is shown, as shares of its sides. */
    @SuppressWarnings("unchecked")
    private List<Double> spot() {
        assertThat(written().locator("circle").last()).isVisible();
        return ((List<Number>) written().evaluate("""
                        (svg) => {
                          const [, , width, height] = svg.getAttribute('viewBox').split(' ').map(Number);
                          const spot = [...svg.querySelectorAll('circle')].at(-1);
                          return [spot.cx.baseVal.value / width, spot.cy.baseVal.value / height];
                        }"""))
                .stream().map(Number::doubleValue).toList();
    }

    /** The points of the drawing's strokes, as the server has them. */
    @SuppressWarnings("unchecked")
    private List<List<List<Number>>> strokes() {
        var entry = rue.entries().first().getAttribute("data-entry");
        return ((List<Map<String, Object>>) page.evaluate("""
                        async (id) => (await (await fetch('/api/entries/' + id)).json()).content.strokes""", entry))
                .stream()
                        .map(stroke -> (List<List<Number>>) stroke.get("points"))
                        .toList();
    }
}
