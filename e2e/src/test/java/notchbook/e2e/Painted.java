package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.stream.IntStream;

/** How long it takes from a key or a press until what it leads to has been painted. */
final class Painted {
    private static final String WATCH = """
            (seen) => {
              window.shown = new Promise((done) => {
                let begun;
                const begin = ({ timeStamp }) => { begun = timeStamp; };
                addEventListener('keydown', begin, { capture: true, once: true });
                addEventListener('mousedown', begin, { capture: true, once: true });
                const look = () => {
                  if (begun === undefined || !document.querySelector('#screen')?.textContent.includes(seen))
                    return requestAnimationFrame(look);
                  const { port1, port2 } = new MessageChannel();
                  port1.onmessage = () => done(performance.now() - begun);
                  requestAnimationFrame(() => port2.postMessage(0));
                };
                look();
              });
            }""";

    private Painted() {}

    /** Begins at the next key or press and ends when these words have been painted. */
    static void watch(Page page, String seen) {
        page.evaluate(WATCH, seen);
    }

    /** What was watched last, in milliseconds, once it has come. */
    static double millis(Page page) {
        return ((Number) page.evaluate("window.shown")).doubleValue();
    }

    static double after(Page page, String seen, String key) {
        watch(page, seen);
        page.keyboard().press(key);
        return millis(page);
    }

    static void print(String what, double[] times) {
        Arrays.sort(times);
        System.out.printf(
                "%s: median %.0f ms, 95th percentile %.0f ms, all %s%n",
                what,
                times[times.length / 2],
                times[times.length * 95 / 100],
                IntStream.range(0, times.length)
                        .mapToObj(at -> String.format("%.0f", times[at]))
                        .toList());
    }
}
