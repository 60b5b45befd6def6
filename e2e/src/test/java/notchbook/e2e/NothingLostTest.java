package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.Cookie;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** No word is lost: not when the network drops, the tab closes, or two devices write at once. */
class NothingLostTest {
    private final Chrome chrome = new Chrome();
    private Desk ana;

    @BeforeEach
    void layAPage() {
        ana = new Desk(chrome.signedIn("ana"));
        ana.go("Refraction").fill("Title of a new page", "Kept").press("Make a page");
        assertThat(ana.page().getByLabel("Title of the page")).hasValue("Kept");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void keepsEveryWordWhenTheTabClosesWhileOffline() {
        ana.write("Light bends ").kept();
        ana.page().context().setOffline(true);
        ana.type("toward the normal.").sees("waiting for the network");
        var address = ana.page().url();
        ana.page().close();
        var context = ana.page().context();
        context.setOffline(false);
        var again = new Desk(context.newPage());
        again.page().navigate(address);
        again.kept();
        assertThat(again.page().locator(".ProseMirror")).hasText("Light bends toward the normal.");
    }

    @Test
    void showsTheWordsInASecondTabWithoutBeingAsked() {
        ana.write("Light bends.").kept();
        var second = new Desk(ana.page().context().newPage());
        second.page().navigate(ana.page().url());
        assertThat(second.page().locator(".ProseMirror")).hasText("Light bends.");
        ana.type(" Toward the normal.").kept();
        assertThat(second.page().locator(".ProseMirror")).hasText("Light bends. Toward the normal.");
    }

    @Test
    void keepsBothWhenTwoDevicesWriteIntoOneEntry() {
        ana.write("Light").kept();
        var other = new Desk(chrome.signedIn("ana"));
        other.page().navigate(ana.page().url());
        other.page().locator(".ProseMirror").click();
        other.page().keyboard().press("End");
        other.type(" bends.").kept();
        ana.type(" is fast.").sees("This was changed in another place too. Both are kept.");
        ana.reload();
        assertThat(ana.page().locator(".ProseMirror")).hasText(new String[] {"Light bends.", "Light is fast."});
    }

    @Test
    void mergesWhatTwoDevicesChangeInOneTextWhileBothGoOnTyping() {
        ana.write("The echo comes late.").kept();
        var other = new Desk(chrome.signedIn("ana"));
        other.page().navigate(ana.page().url());
        other.page().locator(".ProseMirror").click();
        other.page().keyboard().press("End");
        other.type(" Today.").kept();
        ana.page().keyboard().press("Home");
        ana.type("Now: ");
        assertThat(ana.page().locator(".ProseMirror")).hasText("Now: The echo comes late. Today.");
        ana.type("again: ").kept();
        assertThat(ana.page().locator(".ProseMirror")).hasText("Now: again: The echo comes late. Today.");
        other.type(" Here.").kept().reload();
        assertThat(other.page().locator(".ProseMirror")).hasText("Now: again: The echo comes late. Today. Here.");
    }

    @Test
    void keepsWhatTwoDevicesWroteOnASheetWhileOneHadNoNetwork() {
        var question = "What worked, what did not, and why?";
        ana.go("^Looking back$").follow("Week 12").fill(question, "It echoed.").sees("All kept");
        var other = new Desk(chrome.signedIn("ana"));
        other.page().navigate(ana.page().url());
        assertThat(other.page().getByLabel(question)).hasValue("It echoed.");
        ana.page().context().setOffline(true);
        ana.fill(question, "It echoed. On the bus.").sees("waiting for the network");
        other.fill(question, "It echoed. At home.").sees("All kept");
        ana.page().context().setOffline(false);
        assertThat(ana.page().getByLabel(question)).hasValue("It echoed. At home.\n\nIt echoed. On the bus.");
        ana.sees("All kept");
        other.reload();
        assertThat(other.page().getByLabel(question)).hasValue("It echoed. At home.\n\nIt echoed. On the bus.");
    }

    @Test
    void opensTheNotebooksLastUsedWithoutANetworkAndTakesWhatIsWritten() {
        ana.write("Light bends.").kept();
        new Opened(ana.page()).holds("Light bends.");
        ana.page().context().setOffline(true);
        ana.reload();
        assertThat(ana.page().locator(".ProseMirror")).hasText("Light bends.");
        ana.write("Written on the train.").sees("waiting for the network").reload();
        assertThat(ana.page().locator(".ProseMirror")).hasText(new String[] {"Light bends.", "Written on the train."});
        ana.page().context().setOffline(false);
        ana.kept().reload();
        assertThat(ana.page().locator(".ProseMirror")).hasText(new String[] {"Light bends.", "Written on the train."});
    }

    @Test
    void leavesNothingToReadOnTheDeviceAfterSigningOut() {
        ana.write("Light bends.").kept();
        new Opened(ana.page()).waitFor("all => all.length > 0");
        ana.press("Ana ").pick("Sign out");
        ana.page().getByLabel("Name").waitFor();
        new Opened(ana.page()).waitFor("all => all.length === 0");
    }

    @Test
    void bringsBackARecordingWhoseTabWasClosed() {
        ana.key("r").press("Start recording").sees("Recording for");
        ana.page().waitForTimeout(2_000);
        ana.write("Light bends.").kept();
        ana.page().waitForTimeout(1_500);
        var address = ana.page().url();
        ana.page().close();
        var again = new Desk(ana.page().context().newPage());
        again.page().navigate(address);
        again.sees("A recording that was cut off is back on its page.");
        assertThat(again.button("Play Recording")).isVisible();
        again.kept();
        assertThat(again.button("Hear from 0:0[1-4]")).isVisible();
    }

    @Test
    void keepsTheSessionOutOfReachOfScripts() {
        assertThat(ana.page().context().cookies())
                .filteredOn((Cookie cookie) -> cookie.name.equals("notchbook"))
                .singleElement()
                .satisfies(cookie -> assertThat(cookie.httpOnly).isTrue());
    }
}
