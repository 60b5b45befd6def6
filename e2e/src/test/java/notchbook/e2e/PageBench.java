package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * How long a page of 300 entries and one with a paragraph of 20,000 words take to open once their data are there, and how
 * long from a key to its paint; run by {@code ./notchbook bench page}. Figures are printed and judged by nobody here.
 */
@Tag("slow")
class PageBench {
    private static final String MAKE = BenchPage.script("""
            async ([entries, words]) => {
              await put('/api/pages/' + page, { sectionId: section.id, title: `Bench of ${entries} × ${words}` });
              const text = 'the wave goes on again '.repeat(words / 5);
              for (let i = 0; i < entries; i++)
                await put('/api/entries/' + crypto.randomUUID(), { baseVersion: 0, pageId: page, kind: 'TYPED', caption: '',
                  width: i % 3 ? 'HALF' : 'FULL',
                  content: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] } });
              return { page, path: `/n/${book.id}/s/${section.id}` };
            }""");
    private static final String OPENED = """
            (page) => new Promise((done) => {
              const look = () => {
                if (!document.querySelector('article .prose')) return requestAnimationFrame(look);
                requestAnimationFrame(() => setTimeout(() => {
                  const data = performance.getEntriesByType('resource').findLast((one) => one.name.endsWith('/api/pages/' + page));
                  done(performance.now() - data.responseEnd);
                }));
              };
              look();
            })""";
    private static final String LISTEN = """
            () => {
              window.latencies = [];
              addEventListener('keydown', ({ timeStamp }) => requestAnimationFrame(() => {
                const { port1, port2 } = new MessageChannel();
                port1.onmessage = () => window.latencies.push(performance.now() - timeStamp);
                port2.postMessage(0);
              }), true);
            }""";

    @Test
    void measure() {
        try (var chrome = new Chrome()) {
            var page = chrome.signedIn("marlo");
            measure(page, 300, 60);
            measure(page, 1, 20_000);
        }
    }

    private static void measure(Page page, int entries, int words) {
        @SuppressWarnings("unchecked")
        var made = (Map<String, String>) page.evaluate(MAKE, List.of(entries, words));
        page.navigate(Stage.address() + made.get("path"));
        page.getByText("Bench of " + entries + " × " + words).first().click();
        var opened = ((Number) page.evaluate(OPENED, made.get("page"))).doubleValue();
        page.waitForTimeout(1_500);
        page.locator("article .prose").first().click();
        page.evaluate(LISTEN);
        for (var letter : "the sound goes there and back again and so on".split("")) {
            page.keyboard().type(letter);
            page.waitForTimeout(70);
        }
        @SuppressWarnings("unchecked")
        var latencies = ((List<Number>) page.evaluate("window.latencies"))
                .stream().mapToDouble(Number::doubleValue).sorted().toArray();
        System.out.printf(
                "%d entries of %d words: open %.0f ms after the data; key to paint median %.0f ms, 95th percentile %.0f ms%n",
                entries, words, opened, latencies[latencies.length / 2], latencies[latencies.length * 95 / 100]);
    }
}
