package notchbook.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What one journey has open in Debian's Chromium, headless, with a simulated camera and microphone. */
final class Chrome implements AutoCloseable {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--use-fake-device-for-media-stream",
            "--use-fake-ui-for-media-stream");

    /** A machine that does three other things may need this long; one that does not never waits. */
    private static final double PATIENCE_MILLIS = 60_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
    }

    /** One for all journeys of a thread: to start it takes seconds. It ends with the process that started it. */
    private static final ThreadLocal<Browser> BROWSER = ThreadLocal.withInitial(Chrome::launched);

    private static final ThreadLocal<Set<Chrome>> OPEN = ThreadLocal.withInitial(LinkedHashSet::new);

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> complaints = new ArrayList<>();

    Chrome() {
        OPEN.get().add(this);
    }

    /** What journeys of this thread have open. */
    static Set<Chrome> open() {
        return OPEN.get();
    }

    List<Page> pages() {
        return contexts.stream().flatMap(context -> context.pages().stream()).toList();
    }

    private static Browser launched() {
        return Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
    }

    /** A browser of its own, with its own storage, that nobody has signed in with. */
    BrowserContext context(int width, int height) {
        var context = BROWSER.get()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setAcceptDownloads(true));
        contexts.add(context);
        context.setDefaultTimeout(PATIENCE_MILLIS);
        context.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
                complaints.add(message.text());
            }
        });
        context.onWebError(error -> complaints.add(error.error()));
        return context;
    }

    /** A page on which this person is signed in. */
    Page signedIn(String name) {
        return signIn(context(1280, 800).newPage(), name);
    }

    static Page signIn(Page page, String name) {
        page.navigate(Stage.address());
        page.getByLabel("Name").fill(name);
        page.getByLabel("Password").fill("paper-edge-7");
        page.getByText("Sign in").click();
        page.locator("#screen h1").first().waitFor();
        return page;
    }

    /** What the browser's console complained of: errors, and what the content security policy kept out. */
    List<String> complaints() {
        return complaints;
    }

    @Override
    public void close() {
        contexts.forEach(BrowserContext::close);
        OPEN.get().remove(this);
    }
}
