package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a page can be and what can be done with it, by a student who begins with an empty section. */
class PageTest {
    /** A hand does not jump: on the way the browser tells what lies below it. */
    private static final int DRAG_STEPS = 8;

    private final Chrome chrome = new Chrome();
    private Desk pim;

    @BeforeEach
    void signIn() {
        pim = new Desk(chrome.signedIn("pim"));
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void takesCuesBesideNotesAndAsksThemOneByOne() {
        make("Cue notes", "Lenses by cue");
        pim.write("A converging lens brings parallel rays to one point.");
        pim.page().keyboard().press("Alt+b");
        assertThat(pim.text("Cues")).isFocused();
        pim.type("Where do parallel rays meet?").kept();
        assertThat(pim.page().locator(".passage-beside"))
                .hasText("A converging lens brings parallel rays to one point.");
        pim.press("The whole page in a few sentences.");
        assertThat(pim.entries().last().locator(".ProseMirror:focus")).isVisible();
        pim.type("Converging: to a point. Diverging: as if from a point.");
        pim.sees("10, at least 5 more").kept().key("v");
        pim.sees("Where do parallel rays meet?").press("Ask me");
        assertThat(pim.page().getByText("brings parallel rays to one point")).hasCount(0);
        pim.page().keyboard().press(" ");
        pim.sees("brings parallel rays to one point").page().keyboard().press("y");
        pim.sees("1 of 1 known.");
    }

    @Test
    void leavesATextByEscapeSoThatKeysActAndGoesBackInByEnter() {
        make("Free", "By keys alone");
        pim.write("Light bends.");
        var keys = pim.page().keyboard();
        keys.press("Escape");
        assertThat(pim.entries().first()).isFocused();
        keys.press("n");
        assertThat(pim.page().getByLabel("Code or word of a point")).isFocused();
        keys.press("Escape");
        assertThat(pim.page().locator("dialog[open]")).hasCount(0);
        pim.entries().first().focus();
        keys.press("Enter");
        keys.press("End");
        pim.type(" Sound too.").kept();
        assertThat(pim.page().locator(".ProseMirror")).hasText("Light bends. Sound too.");
    }

    @Test
    void keepsEveryEntryWhenThePatternChangesAndBack() {
        make("Cue notes", "Changing its mind");
        pim.write("In the notes.").kept();
        pim.press("A question for each part of the notes.").type("In the cues?").kept();
        pim.press("^Cue notes").press("^Observation$");
        pim.page().keyboard().press("Escape");
        assertThat(pim.entries()).hasCount(2);
        assertThat(pim.text("What I observe")).hasText(new String[] {"In the notes.", "In the cues?"});
        pim.page().keyboard().press("Control+z");
        assertThat(pim.text("Cues")).hasText("In the cues?");
    }

    @Test
    void saysHowMuchOfASummaryIsTheSourcesOwnWords() {
        make("Source and summary", "A leaflet");
        pim.write("The lens of the eye gets thicker when we look at something near.")
                .kept();
        pim.press("Later you read only this.")
                .type("It gets thicker when we look at near things.")
                .kept();
        pim.sees("6 words in a row are the source’s");
        assertThat(pim.page().locator(".copied-run")).hasText("gets thicker when we look at");
    }

    @Test
    void gathersMarksAnswersAQuestionAndShowsATaskInItsWeek() {
        make("Free", "Marked");
        pim.write("Is a magnifier a converging lens?");
        pim.page().keyboard().press("Alt+2");
        pim.kept();
        pim.write("Bring the lens kit.").kept().key("t");
        pim.press("^Task, to do$")
                .fill("Until when", today(pim.page()))
                .press("^Done$")
                .kept();
        pim.go("^Marks$").press("^Answer$").fill("Answer in a sentence", "Yes.");
        pim.press("^Done$").sees("Yes.");
        pim.page()
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Notchbook").setExact(true))
                .click();
        assertThat(pim.page().getByLabel("Done: Bring the lens kit.")).isVisible();
        pim.go("^Marks$").press("Tasks in my calendar").press("Make the address");
        var address = pim.page().getByLabel("Address of the calendar").inputValue();
        assertThat(chrome.context(400, 400).request().get(address).text()).contains("SUMMARY:Bring the lens kit.");
    }

    @Test
    void keepsMarksAndNotchesMadeWithoutANetwork() {
        make("Free", "On the train");
        pim.write("A diverging lens spreads light.").kept();
        pim.page().context().setOffline(true);
        pim.key("k").notch("3.4a").sees("kept on this device, waiting for the network");
        pim.page().context().setOffline(false);
        pim.kept().reload();
        assertThat(pim.button("^Key$")).isVisible();
        assertThat(pim.slot("3.4a")).hasAttribute("aria-label", Pattern.compile("notched"));
    }

    @Test
    void putsTwoPagesSideBySideAndCopiesAcrossWithAWayBack() {
        make("Free", "Lesson");
        pim.write("Magnification is image over object.").kept();
        make("Free", "Guide");
        pim.key("s").fill("Word of the title", "Lesson").page().keyboard().press("Enter");
        var lesson = pim.page().locator("article").nth(1);
        lesson.locator(".ProseMirror").click();
        pim.page().keyboard().press("Control+a");
        pim.page().keyboard().press("Alt+c");
        var guide = pim.page().locator("article").first();
        assertThat(guide.locator(".ProseMirror")).hasText("Magnification is image over object.");
        pim.kept();
        guide.getByText("to where it came from").click();
        assertThat(pim.page().locator("article")).hasCount(1);
        assertThat(pim.page().getByLabel("Title of the page")).hasValue("Lesson");
    }

    @Test
    void dragsAnEntryToAnotherPlaceOnThePage() {
        make("Free", "In order");
        for (var words : new String[] {"first", "second", "third"}) {
            pim.write(words).kept();
        }
        pim.page()
                .getByLabel(Pattern.compile("^Drag to another place"))
                .dragTo(
                        pim.entries().first(),
                        new Locator.DragToOptions().setTargetPosition(60, 3).setSteps(DRAG_STEPS));
        assertThat(pim.page().locator(".ProseMirror")).hasText(new String[] {"third", "first", "second"});
        pim.kept().reload();
        assertThat(pim.page().locator(".ProseMirror")).hasText(new String[] {"third", "first", "second"});
    }

    @Test
    void movesAPageToAnotherSectionAndTakesItBack() {
        make("Free", "Misfiled");
        pim.go("Lenses")
                .press("What to do with Misfiled")
                .pick("Move to another section…")
                .press("Refraction");
        pim.sees("Moved “Misfiled” to “Refraction”");
        assertThat(pim.page().locator("#screen").getByText("Misfiled").first())
                .not()
                .isVisible();
        pim.press("^Undo");
        assertThat(pim.page().locator("#screen li").getByText("Misfiled")).isVisible();
    }

    @Test
    void readsAFileIntoTypedTextAndShowsItFirst() {
        make("Free", "From a file");
        pim.key("f").choose(pim.page().getByLabel("Files to put on the page"), "empty.txt", new byte[] {0, 1});
        pim.press("Read it as typed text").sees("This is no document that can be read here");
        pim.choose(
                pim.page().getByLabel("Files to put on the page"),
                "lens.md",
                "# Lenses\n\n| f in cm | Image |\n|---|---|\n| 10 | upside down |".getBytes());
        pim.press("Read it as typed text")
                .sees("upside down")
                .press("Put the text on the page")
                .kept();
        assertThat(pim.page().locator(".ProseMirror td").last()).hasText("upside down");
        assertThat(pim.page().getByLabel("Caption")).hasValue("lens.md");
    }

    @Test
    void liftsWithTheNeedleOnlyTheKindsAndWeeksThatAreWished() {
        make("Free", "To be lifted");
        pim.write("A real image can be caught on paper.").notch("3.4d").kept();
        pim.go("^Needle$").fill("Code or word of a point", "3.4d");
        pim.page().keyboard().press("Enter");
        pim.page().keyboard().press("Escape");
        pim.sees("fell out").sees("caught on paper");
        pim.press("^Only photo$");
        assertThat(pim.page().getByText("caught on paper")).hasCount(0);
        pim.press("^Only photo$");
        pim.page()
                .getByLabel("Week", new Page.GetByLabelOptions().setExact(true))
                .selectOption("in week 1");
        pim.sees("Nothing that is notched there is like that.");
    }

    @Test
    void ticksWhatIsToBeCoveredAndSaysWhereTheNotchesDisagree() {
        pim.go("Colour and dispersion");
        pim.page().getByLabel("3.5a: I have this").check();
        pim.sees("Ticked, but nothing is notched");
    }

    @Test
    void dragsASectionIntoAnotherAndTakesItBack() {
        pim.go("Arrange sections").sees("Sections of Physics");
        var row = pim.page().locator("#screen li");
        row.filter(new Locator.FilterOptions().setHasText("Ultrasound"))
                .dragTo(
                        row.filter(new Locator.FilterOptions().setHasText("Lenses")),
                        new Locator.DragToOptions().setSteps(DRAG_STEPS));
        pim.sees("Moved “Ultrasound”");
        assertThat(row.filter(new Locator.FilterOptions().setHasText("Ultrasound")))
                .hasAttribute("style", Pattern.compile("44px"));
        pim.press("^Undo");
        assertThat(row.filter(new Locator.FilterOptions().setHasText("Ultrasound")))
                .hasAttribute("style", Pattern.compile("22px"));
    }

    private void make(String pattern, String title) {
        pim.go("Lenses");
        pim.page().getByLabel("Pattern of the new page").selectOption(pattern);
        pim.fill("Title of a new page", title).press("Make a page");
        assertThat(pim.page().getByLabel("Title of the page")).hasValue(title);
    }

    private static String today(Page page) {
        return page.evaluate("async () => (await (await fetch('/api/ruler')).json()).today")
                .toString();
    }
}
