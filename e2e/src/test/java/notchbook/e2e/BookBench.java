package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A book of the year with 60 pieces, six on a page: how long until it can be read, and until a page is turned; run by
 * {@code ./notchbook bench book}. Figures are printed and judged by nobody here.
 */
@Tag("slow")
class BookBench {
    private static final int TIMES = 10;
    private static final int TURNS = 4;

    private static final String MAKE = BenchPage.script("""
            async () => {
              const id = crypto.randomUUID();
              await put('/api/books/' + id, { title: 'Sixty pieces', forWhom: '' });
              const { pages } = await (await fetch('/api/books/' + id)).json();
              const why = 'I am proud of it because I found out by myself what was wrong, and changed it. '.repeat(3);
              const books = await (await fetch('/api/notebooks')).json();
              let count = 0, added = 0;
              for (const { id: notebook } of books) {
                const lines = await (await fetch('/api/growth/pieces?notebook=' + notebook)).json();
                for (let at = 0; at + 6 <= lines.length && count < 60 && at < 24; at += 6, count += 6, added++) {
                  const pieces = lines.slice(at, at + 6).map(({ piece }) => ({ entry: piece.id, shows: piece.name.slice(0, 400), why }));
                  const { status } = await put(`/api/books/${id}/pages/${crypto.randomUUID()}`, { kind: 'SUBJECT', notebook, heading: 'Six pieces ' + at,
                    question: '', range: { least: 0, most: 80 }, leftOut: false, words: '', pieces, baseVersion: 0 });
                  if (status !== 200) throw new Error('The page was refused: ' + status);
                }
              }
              const order = [...(await (await fetch('/api/books/' + id)).json()).pages].reverse().map((one) => one.id);
              await put('/api/books/' + id + '/order', { pages: order });
              return { id, count: String(count), pages: String(pages.length + added + 1) };
            }""");

    /** The browser's own measure of a key: from the press until the frame that shows what came of it is on the screen. */
    private static final String WATCH_KEYS = """
            () => {
              window.keys = [];
              new PerformanceObserver((list) => {
                for (const { name, duration } of list.getEntries()) if (name === 'keydown') window.keys.push(duration);
              }).observe({ type: 'event', durationThreshold: 16 });
            }""";

    @Test
    void measure() {
        try (var chrome = new Chrome()) {
            var page = chrome.signedIn("marlo");
            @SuppressWarnings("unchecked")
            var made = (Map<String, String>) page.evaluate(MAKE);
            var opened = new double[TIMES];
            var turned = new ArrayList<Number>();
            for (var time = 0; time < TIMES; time++) {
                page.navigate(Stage.address() + "/books/" + made.get("id"));
                page.getByText("Read it").first().waitFor();
                page.waitForTimeout(1_500);
                Painted.watch(page, "1 and 2 of " + made.get("pages"));
                page.getByText("Read it").first().click();
                opened[time] = Painted.millis(page);
                page.waitForTimeout(1_000);
                page.evaluate(WATCH_KEYS);
                for (var turn = 0; turn < TURNS; turn++) {
                    page.keyboard().press("ArrowRight");
                    page.waitForTimeout(300);
                }
                turned.addAll(measured(page));
            }
            Painted.print("a book of " + made.get("count") + " pieces, from the press until it can be read", opened);
            Painted.print(
                    "a page of it, turned, from the key",
                    turned.stream().mapToDouble(Number::doubleValue).toArray());
        }
    }

    @SuppressWarnings("unchecked")
    private static List<Number> measured(Page page) {
        return (List<Number>) page.evaluate("window.keys");
    }
}
