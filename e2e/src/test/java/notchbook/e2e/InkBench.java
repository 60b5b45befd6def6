package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A drawing of 5,000 strokes: how long until it is open to be drawn on, and how far apart the frames are while a pen draws on
 * it, rubs out by area, and moves half of it; run by {@code ./notchbook bench ink}. Figures are printed and judged by nobody here.
 */
@Tag("slow")
class InkBench {
    private static final String MAKE = BenchPage.script("""
            async ([strokes, points]) => {
              await put('/api/pages/' + page, { sectionId: section.id, title: 'Bench of ink' });
              const stroke = (i) => ({ tool: 'pen', colour: '#17262D', width: 2.5, points: Array.from({ length: points }, (_, k) =>
                [20 + (i % 100) * 11 + k * 0.5, 20 + Math.floor(i / 100) * 14 + 5 * Math.sin(k + i), 0.5, 8 * k]) });
              const kept = await put('/api/entries/' + crypto.randomUUID(), { baseVersion: 0, pageId: page, kind: 'INK', caption: '',
                width: 'FULL', content: { width: 1200, height: 760, strokes: Array.from({ length: strokes }, (_, i) => stroke(i)) } });
              return { status: String(kept.status), path: `/n/${book.id}/p/${page}` };
            }""");

    @Test
    void measure() {
        try (var chrome = new Chrome()) {
            var page = chrome.signedIn("marlo");
            @SuppressWarnings("unchecked")
            var made = (Map<String, String>) page.evaluate(MAKE, List.of(5_000, 20));
            page.navigate(Stage.address() + made.get("path"));
            page.locator("section[id^=entry-] svg path").nth(4_999).waitFor();
            var begun = System.nanoTime();
            page.locator("section[id^=entry-]").first().focus();
            page.getByLabel("Drawing surface").waitFor();
            System.out.printf("5,000 strokes: open to be drawn on in %.0f ms%n", (System.nanoTime() - begun) / 1e6);
            page.waitForTimeout(1_500);
            var pen = new Stylus(page);
            Frames.watched(page, "5,000 strokes, drawing", () -> pen.down(0.1, 0.1, 0.5)
                    .to(0.8, 0.3, 0.7)
                    .to(0.2, 0.7, 0.6)
                    .to(0.9, 0.9, 0.5)
                    .up());
            press(page, "Eraser");
            press(page, "Only what it touches");
            Frames.watched(page, "5,000 strokes, rubbing out by area", () -> pen.down(0.2, 0.2, 0.5)
                    .to(0.4, 0.4, 0.5)
                    .to(0.2, 0.6, 0.5)
                    .up());
            press(page, "Choose");
            Frames.watched(page, "5,000 strokes, drawing a loop", () -> pen.down(0.02, 0.02, 0.5)
                    .to(0.98, 0.02, 0.5)
                    .to(0.98, 0.5, 0.5)
                    .to(0.02, 0.5, 0.5)
                    .up());
            Frames.watched(page, "5,000 strokes, moving what it holds", () -> pen.down(0.3, 0.3, 0.5)
                    .to(0.33, 0.34, 0.5)
                    .up());
        }
    }

    private static void press(Page page, String button) {
        page.locator("[role=toolbar] button", new Page.LocatorOptions().setHasText(button))
                .click();
    }
}
