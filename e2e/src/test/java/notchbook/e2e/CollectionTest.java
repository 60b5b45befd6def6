package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A collection from empty to a board that is handed in: gathered by pasting, told apart, counted, tied, kept as a view. */
class CollectionTest {
    private static final String PASTE = """
            (words) => {
              const clipboardData = new DataTransfer();
              clipboardData.setData('text/plain', words);
              window.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
            }""";

    private static final byte[] BOOKMARKS = """
            <!DOCTYPE NETSCAPE-Bookmark-file-1>
            <DL><p>
            <DT><H3>Sea</H3><DL><p>
            <DT><A HREF="http://echo-lab.example/sonar">Sonar</A>
            <DT><A HREF="http://www.echo-lab.example/sonar?utm_source=mail">Sonar again</A>
            <DT><A HREF="http://echo-lab.example/whales">Whales</A>
            </DL><p>
            <DT><A HREF="javascript:void(0)">A button</A>
            </DL>
            """.getBytes(UTF_8);

    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void goesFromAddressesToABoardThatTheTeacherReads() {
        var page = chrome.signedIn("rue");
        var rue = new Desk(page).go("Collections");
        rue.fill("Title", "Who pays for the coast").press("Make the collection").sees("Nothing in it yet");
        page.evaluate(PASTE, "https://skerrow.example/wall\nhttps://oddly.example/beach-1990");
        rue.sees("2 things added").sees("oddly.example");
        page.evaluate(PASTE, "Dune fences\nThe village pays.");
        rue.sees("The village pays.");

        rue.key("d").fill("Name", "Cost").choose("It is", "a number").fill("Unit", "a metre");
        rue.press("^Add it$").press("^Table$").sees("Cost");
        var cells = page.getByLabel(Pattern.compile("^Cost of "));
        cells.nth(0).fill("2,400");
        cells.nth(0).press("Enter");
        assertThat(cells.nth(1)).isFocused();
        page.keyboard().type("840");
        page.keyboard().press("Enter");
        rue.sees("3,240 a metre").sees("2, 1 without");
        rue.press("^Keep this view$").fill("Name", "Prices").press("^Keep it$");
        assertThat(rue.button("^Prices$")).isVisible();

        rue.press("^Board$");
        tie(rue, "is left to");
        rue.press("^Set in order").sees("is left to");
        page.reload();
        rue.sees("is left to").press("^Prices$").sees("3,240 a metre");

        rue.press("^Show or save it$").follow("^Hand it in$").sees("Who pays for the coast");
        // Whether links have been asked by now what they are decides which of the two it is.
        page.locator("button:enabled")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^(Seal version|Send with)")))
                .first()
                .click();
        page.waitForURL(Pattern.compile("/versions/"));
        var tolland = chrome.signedIn("tolland");
        tolland.navigate(page.url());
        new Desk(tolland).sees("Dune fences").sees("The village pays.").sees("Cost: 840 a metre");
    }

    @Test
    void standsOnAPageThatCitesItAndIsHandedInAsItWas() {
        var page = chrome.signedIn("rue");
        var rue = new Desk(page).go("Collections");
        rue.fill("Title", "What the wall costs").press("Make the collection").sees("Nothing in it yet");
        page.evaluate(PASTE, "http://skerrow.example/wall");
        rue.sees("1 thing added")
                .press("^Table$")
                .press("^Keep this view$")
                .fill("Name", "All of it")
                .press("^Keep it$");
        rue.press("^List$").key("a").press("^Note$").fill("Title", "What I think of it");
        page.locator("dialog .ProseMirror").fill("Too dear");
        rue.press("^Heading$").press("^Add it$").sees("Too dear");
        rue.press("Choose the cover").sees("A picture of your own");
        page.keyboard().press("Escape");

        rue.go("Refraction").fill("Title of a new page", "The wall").press("Make a page");
        assertThat(page.getByLabel("Title of the page")).hasValue("The wall");
        rue.key("c")
                .sees("A view of a collection")
                .choose("Collection", "What the wall costs")
                .choose("View", "All of it");
        rue.press("^Put it on the page$").kept();
        assertThat(page.locator("section[id^='entry-'] table")).isVisible();

        rue.write("It is dear ").press("^Put in").pick("Source").sees("Cite a source");
        page.keyboard().press("Escape");
        assertThat(page.locator("dialog[open]")).hasCount(0);
        rue.press("^Put in").pick("Source").sees("Cite a source").choose("Collection", "What the wall costs");
        page.locator("dialog li button").first().click();
        assertThat(page.locator(".ProseMirror a")).hasAttribute("href", Pattern.compile("^#thing-"));
        rue.kept();
        var address = page.url();

        rue.press("^Keep the page in a collection$|^Keep this entry in a collection$")
                .press("Keep it in What the wall costs")
                .sees("1 thing kept");
        rue.press("^Done$");
        page.navigate(address.replaceFirst("(/n/[^/]+)/p/([^/?]+).*", "$1/hand-in?pages=$2"));
        page.locator("button:enabled")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^(Seal version|Send with)")))
                .first()
                .click();
        page.waitForURL(Pattern.compile("/versions/"));
        var tolland = chrome.signedIn("tolland");
        tolland.navigate(page.url());
        var read = new Desk(tolland).sees("What the wall costs: All of it").sees("References");
        assertThat(tolland.locator("table").first()).isVisible();
        read.sees("Sort, narrow or group it for yourself");
        assertThat(tolland.locator("a[href='http://skerrow.example/wall']").first())
                .isVisible();
    }

    @Test
    void comesFromABookmarksFileAndIsShownToTheClassUntilTakenBack() {
        var page = chrome.signedIn("rue");
        var rue = new Desk(page).go("Collections");
        rue.fill("Title", "Sound below the water").press("Make the collection").sees("Nothing in it yet");
        rue.key("a").press("^File$");
        rue.choose(page.getByLabel("File", new Page.GetByLabelOptions().setExact(true)), "bookmarks.html", BOOKMARKS);
        rue.press("^Add it$").sees("There are 3 links in it, in 1 folder").press("^Take in 3 links$");
        rue.sees("2 things added. 1 was in here already. 1 left out.")
                .press("^Done$")
                .sees("Whales")
                .sees("Sonar");

        rue.press("Say why I kept it: Whales");
        page.getByText("Where it comes from").click();
        rue.fill("Who made it", "Marsh, Ida").fill("When it came out", "11.4.2025");
        page.keyboard().press("Tab");
        page.getByLabel("partly").check();
        rue.press("^Done$").sees("Marsh, Ida").sees("trusted partly");
        rue.press("^Show or save it$").press("^References$").sees("Marsh, I. (2025, April 11). Whales.");
        rue.choose("Style", "Harvard").sees("Marsh, I. (2025) Whales");
        page.keyboard().press("Escape");

        rue.choose("Show it to", "10B Physics, all of it").sees("seen by 10B Physics");
        var other = chrome.signedIn("lin");
        var lin = new Desk(other).go("Collections").sees("Shown to you");
        lin.follow("Sound below the water").sees("from Rue Vanterpool").press("^Groups$");
        other.getByLabel("in groups by").selectOption("How far I trust it");
        lin.sees("partly").sees("Without how far i trust it").key("k").sees("2 things kept");
        lin.follow("See what you keep for later").sees("For later").sees("from Rue Vanterpool: Sound below the water");

        rue.press("Take it back from 10B Physics").sees("only you see it");
        other.goBack();
        other.reload();
        lin.sees("This collection is not here");
    }

    /** Chooses the first card and the last by keys alone, and ties them. */
    @Test
    void playsAClipFromElsewhereAloneAndOnlyOncePressed() {
        var page = chrome.signedIn("rue");
        var asked = new ConcurrentLinkedQueue<String>();
        page.onRequest(request -> {
            if (request.url().contains("/play/")) {
                asked.add(request.url());
            }
        });
        var rue = new Desk(page).go("Collections");
        rue.fill("Title", "Clips on waves").press("Make the collection").sees("Nothing in it yet");
        page.evaluate(PASTE, "http://films.example/ripple-tank");
        rue.sees("films.example · 3:14").press("^Say why I kept it: Ripple tank");
        rue.fill("Play it from", "2:10").press("^Play the clip$");
        var film = page.frameLocator("iframe[title^='Ripple tank']")
                .frameLocator("iframe")
                .locator("video");
        assertThat(film).isVisible();
        page.waitForCondition(() -> ((Number) film.evaluate("(film) => film.currentTime")).doubleValue() >= 130);
        Assertions.assertThat(asked).isNotEmpty().allMatch(address -> address.contains("start=130"));
        rue.press("^Close the clip$");
        assertThat(page.locator("iframe")).hasCount(0);
    }

    @Test
    void isAddedToWithoutANetworkAndSentLater() {
        var page = chrome.signedIn("rue");
        var rue = new Desk(page).go("Collections");
        rue.fill("Title", "Fences and walls").press("Make the collection").sees("Nothing in it yet");
        page.evaluate(PASTE, "Dune fences\nThe village pays.");
        rue.sees("The village pays.");
        new Opened(page).holds("The village pays.");
        page.context().setOffline(true);
        page.evaluate(PASTE, "https://skerrow.example/armour");
        rue.sees("skerrow.example").press("^Say why I kept it: Dune fences$");
        rue.fill("Why I kept it", "It is cheap.")
                .press("^Done$")
                .sees("It is cheap.")
                .sees("on this device only");
        new Opened(page).waitFor("all => JSON.stringify(all).includes('It is cheap.')");
        page.reload();
        rue.sees("It is cheap.").sees("skerrow.example").sees("on this device only");
        page.context().setOffline(false);
        assertThat(page.getByText("on this device only")).hasCount(0);
        var other = chrome.signedIn("rue");
        other.navigate(page.url());
        new Desk(other).sees("It is cheap.").sees("skerrow.example");
    }

    @Test
    void takesUpAFileThatAPhoneSharesWithTheInstalledApplication() {
        var page = chrome.signedIn("rue");
        var rue = new Desk(page).go("Collections");
        rue.fill("Title", "From my phone").press("Make the collection").sees("Nothing in it yet");
        page.evaluate("() => navigator.serviceWorker.ready.then(() => 0)");
        page.evaluate("""
                () => {
                  const form = document.createElement('form');
                  Object.assign(form, { action: '/shared', method: 'post', enctype: 'multipart/form-data' });
                  const files = Object.assign(document.createElement('input'), { type: 'file', name: 'files' });
                  const data = new DataTransfer();
                  data.items.add(new File(['Who pays?'], 'questions.txt', { type: 'text/plain' }));
                  files.files = data.files;
                  form.append(files);
                  document.body.append(form);
                  form.submit();
                }""");
        rue.sees("Keep what was shared").sees("questions.txt").press("^Keep it in From my phone$");
        page.waitForURL(Pattern.compile("/collections/"));
        rue.sees("questions.txt");
        page.navigate(Stage.address() + "/shared");
        rue.sees("Nothing came along that can be kept.");
    }

    private static void tie(Desk desk, String words) {
        var cards = desk.page().locator(".react-flow__node");
        assertThat(cards).hasCount(3);
        choose(desk.page(), 0);
        desk.page().keyboard().press("t");
        desk.sees("to which card?");
        choose(desk.page(), 2);
        desk.page().keyboard().press("t");
        desk.fill("What the tie says", words).press("^Keep the tie$");
        assertThat(desk.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(words)))
                .isVisible();
    }

    private static void choose(Page page, int card) {
        var node = page.locator(".react-flow__node").nth(card);
        // A card that is not measured yet is not seen, and takes no focus.
        assertThat(node).isVisible();
        node.focus();
        assertThat(node).isFocused();
        page.keyboard().press("Enter");
        assertThat(node).hasClass(Pattern.compile("selected"));
    }
}
