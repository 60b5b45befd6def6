package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Files and links on a page: on the way there, looked into, found again. */
class AttachTest {
    private static final int LARGE = 14_000_000;

    /** The third of four parts. */
    private static final String BREAKS_AT = "8000000";

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
        var context = sia.page().context();
        var begunAt = new ArrayList<String>();
        context.route("**/api/uploads/*", route -> {
            begunAt.add(String.valueOf(route.request().headerValue("upload-offset")));
            if (begunAt.contains(BREAKS_AT)) {
                route.abort("connectionreset");
            } else {
                route.resume();
            }
        });
        attach("survey.raw", random());
        sia.sees("waiting for the network").write("Typed meanwhile.");
        sia.sees("1 change kept on this device");
        var address = sia.page().url();
        sia.page().close();
        context.unroute("**/api/uploads/*");
        // What the page asked for is known here; asking the browser once more would wait for one that is closing.
        context.onRequest(
                request -> begunAt.add(String.valueOf(request.headers().get("upload-offset"))));
        begunAt.clear();
        var again = new Desk(context.newPage());
        again.page().navigate(address);
        again.kept().sees("14.0 MB");
        assertThat(begunAt).contains(BREAKS_AT).doesNotContain("0");
        again.reload().sees("14.0 MB");
        assertThat(again.page().locator(".ProseMirror")).hasText("Typed meanwhile.");
    }

    @Test
    void looksIntoAPdfAndFindsItByItsWords() {
        attach("drift.pdf", Papers.pdf("Swash and backwash", "A spit where the coast turns"));
        sia.kept().press("Look inside");
        assertThat(sia.page().locator(".pdf-words").first()).containsText("Swash and backwash");
        sia.finds("spit coast", "drift.pdf");
    }

    @Test
    void showsATableAndMakesTextOfItBesideTheFile() {
        attach("tides.csv", "Day,Height\nMon,4.9\n".getBytes());
        sia.kept().press("Look inside");
        assertThat(sia.page().locator("[aria-label='Inside tides.csv'] td").last())
                .hasText("4.9");
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

    private static byte[] random() {
        var content = new byte[LARGE];
        new Random(7).nextBytes(content);
        return content;
    }
}
