package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Files and links on a page: on the way there, looked into, found again. */
class AttachTest {
    private static final int LARGE = 14_000_000;
    private static final int BYTES_A_SECOND = 4_000_000;

    private final Chrome chrome = new Chrome();
    private Desk sia;

    @BeforeEach
    void layAPage() {
        sia = new Desk(chrome.signedIn("sia"));
        sia.go("Refraction").fill("Title of a new page", "Brought in").press("Make a page");
        assertThat(sia.page().getByLabel("Title of the page")).hasValue("Brought in");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void takesALargeFileUpAgainAfterTheNetworkBrokeAndTheTabWasClosed() {
        var offsets = new ArrayList<String>();
        sia.page().context().onRequest(request -> {
            if (request.method().equals("PATCH") && request.url().contains("/api/uploads/")) {
                offsets.add(request.headerValue("upload-offset"));
            }
        });
        slow();
        attach("survey.raw", random());
        sia.sees("Sending “survey.raw”").write("Typed meanwhile.");
        assertThat(sia.page().getByText(Pattern.compile("Sending “survey.raw”, [3-9]"))).isVisible();
        var address = sia.page().url();
        sia.page().context().setOffline(true);
        sia.page().close();
        sia.page().context().setOffline(false);
        offsets.clear();
        var again = new Desk(sia.page().context().newPage());
        again.page().navigate(address);
        again.kept().sees("14.0 MB");
        assertThat(offsets.getFirst()).as("where the rest of it begins").isNotEqualTo("0");
        assertThat(again.page().locator(".ProseMirror")).hasText("Typed meanwhile.");
        again.reload().sees("14.0 MB");
    }

    @Test
    void looksIntoAPdfAndFindsItByItsWords() {
        attach("drift.pdf", Papers.pdf("Swash and backwash", "A spit where the coast turns"));
        sia.kept().press("Look inside");
        assertThat(sia.page().locator(".pdf-words").first()).containsText("Swash and backwash");
        sia.page().reload();
        assertThat(sia.page().getByText("drift.pdf").first()).isVisible();
        sia.finds("spit coast", "drift.pdf");
    }

    @Test
    void showsATableAndMakesTextOfItBesideTheFile() {
        attach("tides.csv", "Day,Height\nMon,4.9\n".getBytes());
        sia.kept().press("Look inside");
        assertThat(sia.page().locator("[aria-label='Inside tides.csv'] td").last()).hasText("4.9");
        sia.press("As text").kept();
        assertThat(sia.page().locator(".ProseMirror td").last()).hasText("4.9");
        assertThat(sia.entries()).hasCount(2);
    }

    @Test
    void makesACardOfALinkAndSaysWhenAPageIsClosed() {
        link("http://kitchen.example/milk-sky");
        sia.sees("Scattering, explained with milk").sees("A torch, a glass of water");
        assertThat(card().locator("img")).hasCount(1);
        assertThat(card()).hasAttribute("rel", "noopener noreferrer nofollow");
        link("http://members.example/only");
        sia.sees("could not be opened without signing in");
        sia.finds("scattering milk", "kitchen.example");
    }

    private void attach(String name, byte[] content) {
        sia.key("f").choose(sia.page().getByLabel("Files to put on the page"), name, content);
        sia.press("^Put it on the page");
    }

    private void link(String address) {
        sia.key("l").fill("Address of the page", address).press("^Put it on the page");
    }

    private Locator card() {
        return sia.page().locator("a[href^='http://kitchen']");
    }

    private void slow() {
        var limits = new JsonObject();
        limits.addProperty("offline", false);
        limits.addProperty("latency", 5);
        limits.addProperty("downloadThroughput", -1);
        limits.addProperty("uploadThroughput", BYTES_A_SECOND);
        sia.page().context().newCDPSession(sia.page()).send("Network.emulateNetworkConditions", limits);
    }

    private static byte[] random() {
        var content = new byte[LARGE];
        new Random(7).nextBytes(content);
        return content;
    }
}
