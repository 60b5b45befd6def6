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

/** Writing in full in a real browser: habits of the fingers, tables, formulas, clean pasting, and finding it all again. */
class WritingTest {
    private final Chrome chrome = new Chrome();
    private Desk fenn;

    @BeforeEach
    void layAPage() {
        fenn = new Desk(chrome.signedIn("fenn"));
        fenn.go("Lenses").fill("Title of a new page", "Lens day").press("Make a page");
        assertThat(fenn.page().getByLabel("Title of the page")).hasValue("Lens day");
    }

    @AfterEach
    void close() {
        // Markup that wanted to run is reported by the policy that kept it from running.
        assertThat(chrome.complaints()).allMatch(complaint -> complaint.contains("inline event handler"));
        chrome.close();
    }

    @Test
    void keepsWhatHabitsOfTheFingersMakeOfIt() {
        fenn.write("## Converging");
        fenn.page().keyboard().press("Enter");
        fenn.type("[ ] find the focus");
        fenn.page().keyboard().press("Enter");
        fenn.page().keyboard().press("Enter");
        fenn.type("**thick** in the middle");
        var text = fenn.page().locator(".ProseMirror");
        assertThat(text).containsText("find the focusthick in the middle");
        fenn.kept().reload();
        assertThat(text.locator("h2")).hasText("Converging");
        assertThat(text.locator("ul[data-type=taskList] li")).containsText("find the focus");
        assertThat(text.locator("strong")).hasText("thick");
        text.getByRole(AriaRole.CHECKBOX).check();
        fenn.kept().reload();
        assertThat(fenn.page().locator(".ProseMirror").getByRole(AriaRole.CHECKBOX))
                .isChecked();
    }

    @Test
    void takesATableFromAFileAndAddsItsColumnUp() {
        fenn.write("Readings");
        fenn.page()
                .getByLabel("CSV file for a table")
                .setInputFiles(new FilePayload("f.csv", "text/csv", "Try,f in cm\n1,10.0\n2,10.4\n".getBytes()));
        fenn.page().locator(".ProseMirror td").last().click();
        fenn.sees("Sum 20.4 · mean 10.2").press("Row below").kept().reload();
        assertThat(fenn.page().locator(".ProseMirror tr")).hasCount(4);
        assertThat(fenn.page().locator(".ProseMirror th").first()).hasText("Try");
    }

    @Test
    void setsAFormulaFromItsTex() {
        fenn.write("So ");
        fenn.press("Put in");
        fenn.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Formula"))
                .click();
        fenn.page().locator("dialog input[maxlength]").fill("\\frac{1}{f} = \\frac{1}{u} + \\frac{1}{v}");
        assertThat(fenn.page().locator("dialog .katex")).isVisible();
        fenn.press("Put it in").kept().reload();
        assertThat(fenn.page().locator(".ProseMirror .katex").first()).isVisible();
    }

    @Test
    void runsNothingThatIsPasted() {
        fenn.write("");
        fenn.page().evaluate("""
                () => {
                  const data = new DataTransfer();
                  data.setData('text/html', '<p>Light <b>bends</b><img src=x onerror="window.ran = 1"></p><script>window.ran = 1</script>');
                  document.querySelector('.ProseMirror').dispatchEvent(
                    new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
                }""");
        assertThat(fenn.page().locator(".ProseMirror strong")).hasText("bends");
        fenn.kept();
        assertThat(fenn.page().evaluate("window.ran")).isNull();
    }

    @Test
    void isFoundAgainByAPhraseFromAnyScreen() {
        fenn.write("The focal point of a fat lens lies near.").kept();
        fenn.go("Coverage").key("/").sees("Everything in your notebooks");
        fenn.page().getByLabel("What to find").fill("\"fat lenses\"");
        assertThat(fenn.page().getByRole(AriaRole.OPTION)).containsText(new String[] {"The focal point of a fat lens"});
        fenn.page().keyboard().press("Enter");
        fenn.page().waitForURL(Pattern.compile(".*entry=.*"));
        assertThat(fenn.page().getByLabel("Title of the page")).hasValue("Lens day");
    }
}
