package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A collection of 2,000 things, seen in each way, sorted and narrowed, and a board of 500 things and 500 ties; run by
 * {@code ./notchbook bench view}. Figures are printed and judged by nobody here.
 */
@Tag("slow")
class ViewBench {
    private static final int TIMES = 8;

    private static final String MAKE = BenchPage.script("""
            async (count) => {
              const send = (method, path, body) => fetch(path, { method, body: JSON.stringify(body),
                headers: { 'content-type': 'application/json', 'X-XSRF-TOKEN': secret } });
              const id = crypto.randomUUID(), at = '/api/collections/' + id;
              await put(at, { title: 'Bench of ' + count, purpose: '' });
              const cost = crypto.randomUUID(), sort = crypto.randomUUID();
              await put(`${at}/details/${cost}`, { name: 'Cost', kind: 'NUMBER', unit: 'a metre' });
              await put(`${at}/details/${sort}`, { name: 'Sort', kind: 'ONE_OF', unit: '' });
              const things = Array.from({ length: count }, () => crypto.randomUUID());
              const one = async (thing, i) => {
                await put(`${at}/items/${thing}`, { kind: 'NOTE', title: `Thing ${i}`, note: i % 7 === 0 ? 'zebra' : 'horse' });
                await send('PATCH', `${at}/items/${thing}`, { values: { [cost]: [String((i * 7919) % 5000)], [sort]: ['sort ' + (i % 9)] } });
              };
              for (let i = 0; i < count; i += 20) await Promise.all(things.slice(i, i + 20).map((thing, k) => one(thing, i + k)));
              if (count <= 500) for (let i = 0; i < count; i += 20)
                await Promise.all(things.slice(i, i + 20).map((thing, k) => put(`${at}/ties/${crypto.randomUUID()}`,
                  { from: thing, to: things[(i + k + 1 + ((i + k) % 5)) % count], words: '', isDirected: true })));
              return id;
            }""");

    @Test
    void measure() {
        try (var chrome = new Chrome()) {
            var page = chrome.signedIn("marlo");
            var id = page.evaluate(MAKE, 2_000);
            page.navigate(Stage.address() + "/collections/" + id);
            page.getByText("Thing 0").first().waitFor();
            for (var shape : List.of("Table", "Pictures", "Groups", "Chart", "Time", "List")) {
                print(page, "as " + shape.toLowerCase(Locale.ROOT), shape);
            }
            pan(page, page.evaluate(MAKE, 500));
        }
    }

    private static void print(Page page, String what, String button) {
        var times = new double[TIMES];
        for (var time = 0; time < TIMES; time++) {
            page.waitForTimeout(400);
            times[time] = press(page, button);
            page.waitForTimeout(300);
            press(page, button.equals("List") ? "Chart" : "List");
        }
        Painted.print("2,000 things " + what + ", from the press", times);
    }

    private static double press(Page page, String button) {
        return ((Number) page.evaluate("""
                async (name) => {
                  const button = [...document.querySelectorAll('[aria-label="See it as"] button')].find((one) => one.textContent === name);
                  const begun = performance.now();
                  button.click();
                  await new Promise((done) => requestAnimationFrame(() => { const { port1, port2 } = new MessageChannel(); port1.onmessage = done; port2.postMessage(0); }));
                  return performance.now() - begun;
                }""", button)).doubleValue();
    }

    private static void pan(Page page, Object id) {
        page.navigate(Stage.address() + "/collections/" + id + "?as=board");
        page.locator(".react-flow__node").first().waitFor();
        page.waitForTimeout(2_000);
        var box = page.locator(".react-flow__pane").boundingBox();
        Frames.watched(page, "a board of 500 things and 500 ties, panned", () -> {
            page.mouse().move(box.x + box.width / 2, box.y + 10);
            page.mouse().down();
            for (var step = 0; step < 120; step++) {
                page.mouse().move(box.x + box.width / 2 + 2 * step, box.y + 10 + step);
            }
            page.mouse().up();
        });
    }
}
