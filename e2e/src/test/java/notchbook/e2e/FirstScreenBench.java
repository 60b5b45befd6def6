package notchbook.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitUntilState;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * How long a student's week takes to be readable on a slow line: on a device that has nothing yet, and on one that opened it
 * before; run by {@code ./notchbook bench first}. Figures are printed and judged by nobody here.
 */
@Tag("slow")
class FirstScreenBench {
    private static final int TIMES = 5;

    /** 1.5 Mbit/s, in bytes a second, and the delay of the line. */
    private static final int BYTES_A_SECOND = 187_500;

    private static final int DELAY_MILLIS = 150;

    @Test
    void measure() {
        try (var chrome = new Chrome()) {
            for (var time = 0; time < TIMES; time++) {
                var context = chrome.context(1280, 800);
                Chrome.signIn(context.newPage(), "marlo").close();
                var cookies = context.cookies();
                var fresh = chrome.context(1280, 800);
                fresh.addCookies(cookies);
                System.out.printf("week on a device that has nothing yet: %d ms%n", opened(fresh));
                awaitStore(fresh);
                System.out.printf("week on a device that opened it before: %d ms%n", opened(fresh));
            }
        }
    }

    private static long opened(BrowserContext context) {
        var page = context.newPage();
        slow(page);
        var begun = Instant.now();
        // Until the week can be read; pictures and letters may still be on their way.
        page.navigate(Stage.address(), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.locator("#screen li article, #screen li img, #screen li h2")
                .first()
                .waitFor();
        var millis = Duration.between(begun, Instant.now()).toMillis();
        page.close();
        return millis;
    }

    private static void slow(Page page) {
        var line = new JsonObject();
        line.addProperty("offline", false);
        line.addProperty("latency", DELAY_MILLIS);
        line.addProperty("downloadThroughput", BYTES_A_SECOND);
        line.addProperty("uploadThroughput", BYTES_A_SECOND);
        var session = page.context().newCDPSession(page);
        session.send("Network.enable");
        session.send("Network.emulateNetworkConditions", line);
    }

    /** Until the service worker has everything, and what was shown is on the device. */
    private static void awaitStore(BrowserContext context) {
        var page = context.newPage();
        page.navigate(Stage.address());
        page.evaluate("navigator.serviceWorker.ready.then(() => true)");
        page.locator("#screen h1").first().waitFor();
        page.waitForTimeout(3_000);
        page.close();
    }
}
