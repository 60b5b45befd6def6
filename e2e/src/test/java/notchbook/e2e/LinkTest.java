package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Somebody outside reads one thing by a link: asked for, mailed, opened without an account, answered, taken back. */
class LinkTest {
    private static final String TAKE_BACK = "Take it back: the link for Aunt Quist";

    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void letsAReaderInWithItsWordUntilItIsTakenBack() {
        var marlo = new Desk(chrome.signedIn("marlo"));
        marlo.go("Echoes and sonar").press("Link for a reader");
        marlo.fill("For whom", "Aunt Quist")
                .fill("Their mail address", "aunt@skerrow.example")
                .fill("A word to open it", "kittiwake")
                .press("Make the link")
                .sees("It waits for a teacher’s yes, and is sent to aunt@skerrow.example then.");

        var tolland = new Desk(chrome.signedIn("tolland"));
        tolland.page().navigate(Stage.address() + "/set-work");
        var seen = tolland.page().waitForPopup(() -> tolland.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^See it: .*Aunt Quist")))
                .click());
        assertThat(seen.locator("header")).containsText("This is what Aunt Quist would see");
        everythingShows(seen);
        tolland.press("^Yes: .*Aunt Quist$");
        assertThat(tolland.page().getByText("to be sent to aunt@skerrow.example"))
                .hasCount(0);

        var aunt = new Desk(chrome.context(390, 780).newPage());
        aunt.page().navigate(Stage.address() + "/mails");
        var letter =
                aunt.page().locator("section").filter(new Locator.FilterOptions().setHasText("aunt@skerrow.example"));
        assertThat(letter).not().containsText("kittiwake");
        letter.getByRole(AriaRole.LINK).click();
        aunt.sees("A word opens this")
                .fill("The word", "puffin")
                .press("Open it")
                .sees("It is another word.");
        aunt.fill("The word", "kittiwake").press("Open it").sees("For Aunt Quist");
        Axe.ready(aunt.page());
        assertThat(Axe.breaches(aunt.page(), Axe.ALL_RULES)).isEmpty();
        everythingShows(aunt.page());
        aunt.press("Larger");
        aunt.fill("Your words, up to 2,000 letters. You can send one answer.", "How far was the wall?")
                .press("Send the answer")
                .sees("Your answer")
                .sees("How far was the wall?");

        marlo.page().navigate(Stage.address() + "/links");
        marlo.sees("How far was the wall?").press(TAKE_BACK);
        assertThat(marlo.button(TAKE_BACK)).hasCount(0);
        aunt.page().reload();
        aunt.sees("This link opens nothing");
        assertThat(aunt.page().locator("body")).not().containsText("Quist");
    }

    /** Pictures are there, and nothing is wider than the phone. */
    private static void everythingShows(Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat((Boolean) page.evaluate("[...document.images].every((image) => image.naturalWidth > 0)"))
                .isTrue();
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                .isTrue();
    }
}
