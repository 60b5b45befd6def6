package notchbook.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A section read as a book: a clicker and a finger turn its leaves. */
class BookTest {
    private static final int STEPS = 8;

    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void turnsByAClickerAndByAFinger() {
        var page = chrome.signedIn("marlo");
        var marlo = new Desk(page).go("Echoes and sonar");
        page.waitForURL(Pattern.compile("/s/[^/]+$"));
        page.navigate(page.url() + "/read");
        marlo.sees("1 and 2 of");
        page.keyboard().press("PageDown");
        marlo.sees("3 and 4 of");
        page.keyboard().press("PageUp");
        marlo.sees("1 and 2 of");
        var screen = page.context().newCDPSession(page);
        var touched = new JsonObject();
        touched.addProperty("enabled", true);
        screen.send("Emulation.setTouchEmulationEnabled", touched);
        swipe(screen, 700, 200);
        marlo.sees("3 and 4 of");
        swipe(screen, 200, 700);
        marlo.sees("1 and 2 of");
        page.waitForURL(Pattern.compile("/read$"));
    }

    private static void swipe(CDPSession screen, int from, int to) {
        touch(screen, "touchStart", IntStream.of(from));
        IntStream.rangeClosed(1, STEPS)
                .forEach(step -> touch(screen, "touchMove", IntStream.of(from + (to - from) * step / STEPS)));
        touch(screen, "touchEnd", IntStream.empty());
    }

    private static void touch(CDPSession screen, String type, IntStream at) {
        var points = new JsonArray();
        at.forEach(x -> {
            var point = new JsonObject();
            point.addProperty("x", x);
            point.addProperty("y", 400);
            points.add(point);
        });
        var event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        screen.send("Input.dispatchTouchEvent", event);
    }
}
