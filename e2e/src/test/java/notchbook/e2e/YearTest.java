package notchbook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** From growth to a book of the year that a teacher reads; and a page of it on two devices, one without a network. */
class YearTest {
    private static final String WHY =
            "I am proud of it because the first time I did not see what was wrong, and now I can say "
                    + "what I changed and why it helped.";

    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void goesFromThenAndNowToABookThatTheTeacherReads() {
        var page = chrome.signedIn("pim");
        var pim = new Desk(page).go("^Growth");
        pim.sees("the first of").sees("the latest of").sees("points this work is evidence for");
        page.keyboard().press("ArrowRight");
        pim.sees("2 of");
        page.getByLabel(Pattern.compile("^What changed from then")).fill(WHY);
        pim.sees("All kept").follow("Book of the year");
        pim.press("^Begin with A book of the year").sees("what I am proud of");
        pim.press("^Put in .* then and now").sees("Why I chose it");
        pim.press("^How I work").sees("Which habits helped you");
        page.getByLabel("Leave this page out of the book").check();
        pim.sees("All kept").follow("^Read it").sees("1 and 2 of").sees("I can say what I changed");
        page.keyboard().press("ArrowRight");
        pim.sees("the year in figures");
        page.keyboard().press("Escape");
        pim.follow("^Hand it in").sees("it asks for").press("^Send with \\d+ things missing");
        page.waitForURL(Pattern.compile("/versions/"));
        var tolland = chrome.signedIn("tolland");
        tolland.navigate(page.url());
        new Desk(tolland).sees("what I am proud of").sees("I can say what I changed");
        tolland.navigate(page.url() + "/read");
        var reading = new Desk(tolland).sees("I can say what I changed").follow("Open it by itself");
        reading.sees("Back to the book");
        var leaf = tolland.locator("[role=group]")
                .filter(new Locator.FilterOptions().setHasText("I can say what I changed"));
        PlaywrightAssertions.assertThat(leaf.first()).hasAttribute("inert", "");
        tolland.keyboard().press("Escape");
        PlaywrightAssertions.assertThat(leaf.first()).not().hasAttribute("inert", "");
    }

    @Test
    void takesTheWordsOfTwoDevicesTogether() {
        var page = chrome.signedIn("pim");
        var here = new Desk(page).go("Looking back").follow("Book of the year").press("^Begin with A book of the year");
        here.sees("To remember").press("^To remember");
        page.waitForURL(Pattern.compile("page="));
        var other = chrome.signedIn("pim");
        other.navigate(page.url());
        words(other).waitFor();
        page.context().setOffline(true);
        words(page).fill("The echo in the hall.");
        here.sees("Kept on this device");
        words(other).fill("The trip to the bay.");
        new Desk(other).sees("All kept");
        page.context().setOffline(false);
        here.sees("Both are kept").sees("All kept");
        var both = words(page).inputValue();
        assertThat(both).contains("The echo in the hall.", "The trip to the bay.");
    }

    private static Locator words(Page page) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Which moments")));
    }
}
