package notchbook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every view: axe finds nothing, nothing is wider than a phone, nobody needs a pointer to get in. */
@TestInstance(Lifecycle.PER_CLASS)
class EveryViewTest {
    /** A bar that sticks to the screen's edge covers half of whatever happens to be there; one scroll further it doesn't. */
    private static final String UNSTICK =
            "() => document.querySelectorAll('.sticky').forEach((bar) => {" + " bar.style.position = 'static'; })";

    /** A theme changes colours and nothing else; what stands around every view is looked at with the first. */
    private static final List<String> COLOUR_RULES = List.of("html", "color-contrast", "link-in-text-block");

    private static final List<String> COLOUR_RULES_INSIDE = List.of("#screen", "color-contrast", "link-in-text-block");

    /** How wide a phone is held upright, in px. */
    private static final int PHONE = 390;

    private Chrome chrome;

    @BeforeAll
    void open() {
        chrome = new Chrome();
    }

    @AfterAll
    void close() {
        chrome.close();
    }

    @ParameterizedTest
    @ValueSource(strings = {"marlo", "tolland", "harlow"})
    void hasNoBarrierThatAxeFindsInAnyThemeAndFitsAPhone(String person) throws IOException {
        var breaches = new ArrayList<String>();
        var page = chrome.signedIn(person);
        var colours = COLOUR_RULES;
        for (var view : Views.of(page)) {
            view.open(page);
            Axe.ready(page);
            page.evaluate(UNSTICK);
            for (var theme : List.of("light", "dark", "contrast")) {
                page.evaluate("theme => { document.documentElement.dataset.theme = theme; }", theme);
                var rules = theme.equals("light") ? Axe.ALL_RULES : colours;
                for (var breach : Axe.breaches(page, rules)) {
                    breaches.add("%s, %s: %s".formatted(view.name(), theme, breach));
                }
            }
            colours = COLOUR_RULES_INSIDE;
            page.setViewportSize(PHONE, 780);
            var width = (Number) page.evaluate("document.documentElement.scrollWidth");
            if (width.intValue() > PHONE) {
                breaches.add(view.name() + " is " + width + " px wide on a phone");
            }
            page.setViewportSize(1280, 800);
        }
        assertThat(breaches).isEmpty();
    }

    @Test
    void opensAPageStraightFromItsAddressEveryTime() {
        for (var i = 0; i < 3; i++) {
            try (var fresh = chrome.context(390, 780)) {
                var page = Chrome.signIn(fresh.newPage(), "marlo");
                Views.of(page).get(1).open(page);
            }
        }
        assertThat(chrome.complaints()).isEmpty();
    }

    @Test
    void letsAKeyboardAloneGoFromSignInToANotchedPage() {
        var page = chrome.context(1280, 800).newPage();
        page.navigate(Stage.address());
        page.getByLabel("Name").waitFor();
        var keys = page.keyboard();
        keys.type("teo");
        keys.press("Tab");
        keys.type("paper-edge-7");
        keys.press("Enter");
        page.locator("#screen h1").first().waitFor();
        tabTo(page, "Lenses");
        keys.press("Enter");
        tabTo(page, "Title of a new page");
        keys.type("Keys only");
        keys.press("Enter");
        page.getByLabel("Title of the page").waitFor();
        keys.press("w");
        page.locator(".ProseMirror:focus").waitFor();
        keys.type("A lens bends light.");
        tabTo(page, "Caption");
        keys.type("Lens");
        tabTo(page, "Notch");
        keys.press("Enter");
        keys.type("3.4a");
        keys.press("Enter");
        keys.press("Escape");
        page.getByLabel("About this page")
                .getByText("Converging and diverging lenses")
                .waitFor();
    }

    private static void tabTo(Page page, String name) {
        var focused =
                "() => { const e = document.activeElement; return e.getAttribute('aria-label') || e.textContent || ''; }";
        for (var i = 0; i < 120; i++) {
            page.keyboard().press("Tab");
            if (page.evaluate(focused).toString().contains(name)) {
                return;
            }
        }
        throw new AssertionError("The tab key never reached “" + name + "”.");
    }
}
