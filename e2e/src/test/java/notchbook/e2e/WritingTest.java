package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;

/** Writing in full in a real browser: habits of the fingers, tables, formulas, clean pasting, and finding it all again. */
@ResourceLock("lin")
class WritingTest {
    private final Chrome chrome = new Chrome();
    private Desk lin;

    @BeforeEach
    void layAPage() {
        lin = new Desk(chrome.signedIn("lin"));
        lin.go("Lenses").fill("Title of a new page", "Lens day").press("Make a page");
        assertThat(lin.page().getByLabel("Title of the page")).hasValue("Lens day");
    }

    @AfterEach
    void close() {
        // Markup that wanted to run is reported by the policy that kept it from running.
        assertThat(chrome.complaints()).allMatch(complaint -> complaint.contains("inline event handler"));
        chrome.close();
    }

    @Test
    void keepsWhatHabitsOfTheFingersMakeOfIt() {
        lin.write("## Converging");
        lin.page().keyboard().press("Enter");
        lin.type("[ ] find the focus");
        lin.page().keyboard().press("Enter");
        lin.page().keyboard().press("Enter");
        lin.type("**thick** in the middle");
        var text = lin.page().locator(".ProseMirror");
        assertThat(text).containsText("find the focusthick in the middle");
        lin.kept().reload();
        assertThat(text.locator("h2")).hasText("Converging");
        assertThat(text.locator("ul[data-type=taskList] li")).containsText("find the focus");
        assertThat(text.locator("strong")).hasText("thick");
        text.getByRole(AriaRole.CHECKBOX).check();
        lin.kept().reload();
        assertThat(lin.page().locator(".ProseMirror").getByRole(AriaRole.CHECKBOX))
                .isChecked();
    }

    @Test
    void takesATableFromAFileAndAddsItsColumnUp() {
        lin.write("Readings");
        lin.page()
                .getByLabel("CSV file for a table")
                .setInputFiles(new FilePayload("f.csv", "text/csv", "Try,f in cm\n1,10.0\n2,10.4\n".getBytes()));
        lin.page().locator(".ProseMirror td").last().click();
        lin.sees("Sum 20.4 · mean 10.2").press("Row below").kept().reload();
        assertThat(lin.page().locator(".ProseMirror tr")).hasCount(4);
        assertThat(lin.page().locator(".ProseMirror th").first()).hasText("Try");
    }

    @Test
    void setsAFormulaFromItsTex() {
        lin.write("So ");
        lin.press("Put in");
        lin.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Formula"))
                .click();
        lin.page().locator("dialog input[maxlength]").fill("\\frac{1}{f} = \\frac{1}{u} + \\frac{1}{v}");
        assertThat(lin.page().locator("dialog .katex")).isVisible();
        lin.press("Put it in").kept().reload();
        assertThat(lin.page().locator(".ProseMirror .katex").first()).isVisible();
    }

    @Test
    void runsNothingThatIsPasted() {
        lin.write("");
        lin.page().evaluate("""
                () => {
                  const data = new DataTransfer();
                  data.setData('text/html', '<p>Light <b>bends</b><img src=x onerror="window.ran = 1"></p><script>window.ran = 1</script>');
                  document.querySelector('.ProseMirror').dispatchEvent(
                    new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
                }""");
        assertThat(lin.page().locator(".ProseMirror strong")).hasText("bends");
        lin.kept();
        assertThat(lin.page().evaluate("window.ran")).isNull();
    }

    @Test
    void isFoundAgainByAPhraseFromAnyScreen() {
        lin.write("The focal point of a fat lens lies near.").kept();
        lin.go("Coverage").key("/").sees("Everything in your notebooks");
        lin.page().getByLabel("What to find").fill("\"fat lenses\"");
        assertThat(lin.page().getByRole(AriaRole.OPTION)).containsText(new String[] {"The focal point of a fat lens"});
        lin.page().keyboard().press("Enter");
        lin.page().waitForURL(Pattern.compile(".*entry=.*"));
        assertThat(lin.page().getByLabel("Title of the page")).hasValue("Lens day");
    }
}
