package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Years of work leave one Notchbook and go on in another, where there was nothing. */
class BagTest {
    /** A bag is made and taken in by jobs, which may wait for others. */
    private static final int WORKING_MILLIS = 180_000;

    private static final Pattern SEALS = Pattern.compile("(\\d+) of (\\d+) seals that came along hold\\.");

    private final Chrome chrome = new Chrome();

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void takesEverythingAlongIntoAnEmptyNotchbook() throws IOException {
        var bag = made(new Desk(chrome.signedIn("marlo")));
        try (var serving = Serving.of(Started.emptyFolder().resolve("data"))) {
            var ida = new Desk(chrome.context(1280, 800).newPage());
            serving.begun(ida, "Ida Fell", "kettle-moss-violin-9").follow("Bring in your bag");
            bring(ida, damaged(bag));
            waitFor(ida, "This bag is damaged");
            ida.sees("is not what it was when the bag was made.").press("Delete the bag");
            bring(ida, bag);
            waitFor(ida, "Every file is whole.");
            ida.press("Take it in");
            waitFor(ida, "It is all here now.");
            var seals = SEALS.matcher(ida.page().locator("#screen").innerText());
            assertThat(seals.find()).isTrue();
            assertThat(seals.group(1)).isEqualTo(seals.group(2)).isNotEqualTo("0");
            goesOn(ida);
        }
    }

    private static Path made(Desk marlo) {
        marlo.page().navigate(Stage.address() + "/bags");
        marlo.press("Make it");
        var save = marlo.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save the bag of Everything"))
                .first();
        return marlo.page()
                .waitForDownload(
                        new Page.WaitForDownloadOptions().setTimeout(WORKING_MILLIS),
                        () -> save.click(new Locator.ClickOptions().setTimeout(WORKING_MILLIS)))
                .path();
    }

    private static void bring(Desk desk, Path bag) {
        desk.page().getByLabel("A bag to bring in").setInputFiles(bag);
    }

    private static void waitFor(Desk desk, String words) {
        assertThat(desk.page().locator("#screen"))
                .containsText(words, new ContainsTextOptions().setTimeout(WORKING_MILLIS));
    }

    /** The same bag with one byte of a photo changed. */
    private static Path damaged(Path bag) throws IOException {
        var content = Files.readAllBytes(bag);
        for (var at = 0; at < content.length - 200; at++) {
            if (content[at] == (byte) 0xFF && content[at + 1] == (byte) 0xD8 && content[at + 2] == (byte) 0xFF) {
                content[at + 199] ^= 1;
                return Files.write(bag.resolveSibling("damaged.zip"), content);
            }
        }
        throw new AssertionError("There is no photo in the bag.");
    }

    /** The pages, what the teacher said about a version, and its seal are where they were; something new comes beside them. */
    private static void goesOn(Desk ida) {
        ida.go("Hand-ins")
                .follow("Version")
                .sees("seal of another Notchbook holds")
                .sees("With Mr Farrant");
        ida.page().navigate(ida.page().url().replaceAll("/versions/.*", "/bags"));
        ida.go("2.3").follow("Timing an echo").sees("Timing an echo");
        assertThat(ida.page().locator("#screen img").first()).isVisible();
        ida.write("And on from here.").kept();
    }
}
