package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What a class has together: a word to all of it that is read, a group that is shown something, and pieces that it shows each other. */
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
        sia.sees("From your teachers").sees("Tomorrow we meet at the harbour wall.");
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

    @Test
    void seesAPieceThatItsStudentShowsUntilItIsTakenBack() {
        var kit = new Desk(chrome.signedIn("kit"));
        kit.page().navigate(Stage.address() + "/p/" + kit.page().evaluate(FIRST_PAGE));
        kit.press("^Show the page to the class$").fill("What to look at", "See where the rope goes.");
        kit.press("^Show it$").sees("Your teacher looks at it first").press("^Done$");

        var tolland = new Desk(chrome.signedIn("tolland")).go("^Noticeboard of 10B Physics");
        tolland.follow("See where the rope goes").press("^Let the class see it$");
        assertThat(tolland.button("^Not yet$")).isVisible();
        var ana = new Desk(chrome.signedIn("ana")).go("^Noticeboard$");
        ana.follow("See where the rope goes").sees("Shown by Kit Dorrance");
        ana.fill("Say something about it", "Which way is up?").press("^Say it$").sees("Ana Ellory");

        kit.go("^Noticeboard$").follow("See where the rope goes").sees("Which way is up?");
        kit.press("^Answer Ana Ellory")
                .fill("Answer to Ana Ellory", "To the left.")
                .press("^Say it$");
        assertThat(kit.page().getByText("To the left.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(tolland.page().getByText("Which way is up?")).isVisible();
        tolland.press("^Hide Ana Ellory").sees("hidden from the class");
        assertThat(kit.page().getByText("Which way is up?")).hasCount(0);
        tolland.follow("Back to the noticeboard")
                .follow("Show them full screen")
                .sees("Without names");
        tolland.key("n").sees("With names");

        kit.press("^Take it back$").sees("taken back, only you see it");
        ana.page().reload();
        ana.sees("This piece is not here");
    }

    /** A page that a student has already. */
    private static final String FIRST_PAGE = """
            async () => {
              const [book] = await (await fetch('/api/notebooks')).json();
              return (await (await fetch('/api/notebooks/' + book.id)).json()).pages[0].id;
            }
            """;

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }
}
