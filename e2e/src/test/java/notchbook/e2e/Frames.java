package notchbook.e2e;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;

/** How far apart the frames of a page are while something goes on. */
final class Frames {
    private static final String WATCH = """
            () => {
              window.frames_ = []; let last = performance.now();
              const tick = (now) => { window.frames_.push(now - last); last = now; window.watching = requestAnimationFrame(tick); };
              requestAnimationFrame(tick);
            }""";

    private Frames() {}

    /** Prints the frames while an act lasts, and a little after it. */
    static void watched(Page page, String what, Runnable act) {
        page.evaluate(WATCH);
        act.run();
        page.waitForTimeout(300);
        @SuppressWarnings("unchecked")
        var frames = ((List<Number>)
                        page.evaluate("() => { cancelAnimationFrame(window.watching); return window.frames_; }"))
                .stream().mapToDouble(Number::doubleValue).sorted().toArray();
        System.out.printf(
                "%s: frames %.0f ms apart (median of %d), 95th percentile %.0f ms, longest %.0f ms%n",
                what,
                frames[frames.length / 2],
                frames.length,
                frames[frames.length * 95 / 100],
                Arrays.stream(frames).max().orElse(0));
    }
}
