package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;

/** What a person does at the screen, in the words of the interface. */
record Desk(Page page) {
    /** Keys that put something on a page act once the page is there. */
    private static final String CAPTURES = "wiprflcn";

    /** The contents at the left and the rooms in the head. */
    private static final Pattern ROOMS = Pattern.compile("^(Contents|Rooms of all notebooks)$");

    private static final Pattern ON_A_PAGE = Pattern.compile("/p/[^/]+$");

    /** What is in a file is read by a job, which may wait for others. */
    private static final Duration READING = Duration.ofMinutes(2);

    Desk go(String link) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName(ROOMS))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile(link)))
                .first()
                .click();
        return this;
    }

    Desk press(String button) {
        button(button).click();
        return this;
    }

    /** An item of the menu that is open. */
    Desk pick(String item) {
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
        return this;
    }

    /** A typed text in a zone of the page. */
    Locator text(String zone) {
        return page.getByLabel("Typed text in “" + zone + "”");
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .first();
    }

    Desk follow(String link) {
        page.locator("#screen")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile(link)))
                .first()
                .click();
        return this;
    }

    Desk fill(String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first()
                .fill(text);
        return this;
    }

    /** A key that acts while nothing is being typed and no dialog is open, so one that is closing is waited for. */
    Desk key(String key) {
        assertThat(page.locator("dialog[open]")).hasCount(0);
        if (CAPTURES.contains(key) && ON_A_PAGE.matcher(page.url()).find()) {
            assertThat(page.getByRole(AriaRole.TOOLBAR, named("Put something on the page"))
                            .first())
                    .isVisible();
        }
        page.evaluate("document.activeElement instanceof HTMLElement && document.activeElement.blur()");
        page.keyboard().press(key);
        return this;
    }

    /** Types into the text that has the focus, once one has it. */
    Desk type(String words) {
        assertThat(page.locator(".ProseMirror:focus")).isVisible();
        page.keyboard().type(words);
        return this;
    }

    Desk write(String words) {
        return key("w").type(words);
    }

    /** Draws a wave with the mouse on the open drawing surface. */
    Desk draw() {
        var box = page.getByLabel("Drawing surface").boundingBox();
        page.mouse().move(box.x + 40, box.y + 80);
        page.mouse().down();
        for (var step = 0; step < 40; step++) {
            page.mouse().move(box.x + 40 + 8 * step, box.y + 80 + 30 * Math.sin(step / 4.0));
        }
        page.mouse().up();
        return this;
    }

    /** Notches the chosen entry by typing a code. */
    Desk notch(String code) {
        key("n");
        var typed = page.getByLabel("Code or word of a point");
        typed.fill(code);
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
        assertThat(typed).hasCount(0);
        return this;
    }

    /** Chooses what a list offers under a name. */
    Desk choose(String label, String option) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first()
                .selectOption(new SelectOption().setLabel(option));
        return this;
    }

    Desk choose(Locator input, String name, byte[] content) {
        input.setInputFiles(new FilePayload(name, "", content));
        return this;
    }

    Desk sees(String words) {
        assertThat(page.locator("body")).containsText(words);
        return this;
    }

    /** Looks with the find box until something with this name is found: what is in files is read soon after they came. */
    Desk finds(String words, String name) {
        var found = page.getByLabel("What was found").getByText(name).first();
        var nothing = page.getByText("Nothing of yours has all of these words.");
        var end = Instant.now().plus(READING);
        do {
            reload().key("/");
            page.getByLabel("What to find").fill(words);
            assertThat(found.or(nothing).first()).isVisible();
        } while (!found.isVisible() && Instant.now().isBefore(end));
        assertThat(found).isVisible();
        page.keyboard().press("Escape");
        return this;
    }

    /** Waits until the page says that everything is kept; it says so anew two frames after a key. */
    Desk kept() {
        page.evaluate("() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame("
                + "() => requestAnimationFrame(() => setTimeout(drawn)))))");
        assertThat(page.getByText(Pattern.compile("^All kept")).first()).isVisible();
        return this;
    }

    Locator entries() {
        return page.locator("section[id^='entry-']");
    }

    Locator slot(String code) {
        return page.getByLabel("Edge of the page: points of the syllabus")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + code + " ")));
    }

    Desk reload() {
        page.reload();
        page.locator("#screen h1").first().waitFor();
        return this;
    }
}
