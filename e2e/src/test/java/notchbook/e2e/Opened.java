package notchbook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;

/** What a device keeps of what was opened on it, to open it again without a network. */
record Opened(Page page) {
    private static final Duration WRITING_DOWN = Duration.ofMinutes(1);

    private static final String ALL =
            "() => indexedDB.databases().then((all) => all.some((one) => one.name === 'notchbook-opened')"
                    + " ? new Promise((done) => { const open = indexedDB.open('notchbook-opened'); open.onsuccess = () => {"
                    + " const all = open.result.transaction('clients').objectStore('clients').getAll();"
                    + " all.onsuccess = () => { open.result.close(); done(all.result); }; }; }) : [])";

    /** Waits until the application and some words are on the device. */
    void holds(String words) {
        page.evaluate("() => navigator.serviceWorker.ready.then(() => 0)");
        waitFor("all => JSON.stringify(all).includes('" + words + "')");
    }

    /** Looks now and then: looking all the time would keep the browser from writing it down. */
    void waitFor(String isThere) {
        var end = Instant.now().plus(WRITING_DOWN);
        boolean there;
        do {
            page.waitForTimeout(2_000);
            there = (Boolean) page.evaluate(ALL + ".then(" + isThere + ")");
        } while (!there && Instant.now().isBefore(end));
        assertThat(there).isTrue();
    }
}
