package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What a class has together: a word to all of it that is read, and a group that is shown something. */
class ClassTest {
    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void hearsAWordAndItsTeacherSeesWhoHasReadIt() {
        var tolland = new Desk(chrome.signedIn("tolland")).go("^Said to 10B Physics");
        tolland.fill("What you say to the class", "Tomorrow we meet at the harbour wall.")
                .press("^Say it$");
        tolland.sees("0 of 13 have read it").sees("Tomorrow we meet");
        var sia = new Desk(chrome.signedIn("sia"));
        sia.sees("Said to your class").sees("Tomorrow we meet at the harbour wall.");
        sia.press("^I have read it: Tomorrow we meet");
        assertThat(sia.button("^I have read it: Tomorrow we meet")).hasCount(0);
        tolland.page().reload();
        tolland.sees("1 of 13 have read it");
        tolland.page().getByText("1 of 13 have read it").click();
        tolland.sees("Kit Dorrance");
        tolland.press("^Take back: Tomorrow we meet").sees("It is taken back");
        sia.page().reload();
        sia.sees("Due");
        assertThat(sia.page().getByText("Tomorrow we meet")).hasCount(0);
    }

    @Test
    void hasAGroupThatSeesWhatIsShownToItUntilItEnds() {
        var tolland = new Desk(chrome.signedIn("tolland")).go("^Groups of 10B Physics");
        tolland.sees("Ripple tank").fill("Name of the group", "Prisms");
        tolland.page().getByLabel("Kit Dorrance").check();
        tolland.page().getByLabel("Ana Ellory").check();
        tolland.press("^Make the group$");
        assertThat(tolland.button("^Change Prisms$")).isVisible();

        var kit = new Desk(chrome.signedIn("kit")).go("Collections");
        kit.fill("Title", "Rainbows").press("Make the collection").sees("Nothing in it yet");
        kit.key("a").press("^Note$").fill("Title", "Seen from the bus");
        kit.page().getByLabel("Note", exactly()).fill("Two of them, one above the other.");
        kit.press("^Add it$").sees("one above the other").press("^Show or save it$");
        kit.choose("Show it to", "Prisms, the group").sees("seen by Prisms");

        var ana = new Desk(chrome.signedIn("ana")).go("Collections").sees("Shown to you");
        ana.follow("Rainbows").sees("from Kit Dorrance").sees("one above the other");
        tolland.press("^End Prisms$").sees("“Prisms” has ended");
        ana.page().reload();
        ana.sees("This collection is not here");
        tolland.press("^Undo");
        assertThat(tolland.button("^Change Prisms$")).isVisible();
        ana.page().reload();
        ana.sees("one above the other");
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }
}
