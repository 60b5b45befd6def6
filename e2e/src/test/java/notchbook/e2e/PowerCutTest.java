package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

/** No word is lost when the server dies; nobody else is at work meanwhile. */
@Isolated
class PowerCutTest {
    @Test
    void keepsEveryWordWhenTheServerIsKilledInMidTyping() {
        try (var chrome = new Chrome()) {
            var ana = new Desk(chrome.signedIn("ana"));
            ana.go("Refraction").fill("Title of a new page", "Power cut").press("Make a page");
            assertThat(ana.page().getByLabel("Title of the page")).hasValue("Power cut");
            ana.write("Light bends toward ").kept();
            Stage.kill();
            ana.type("the normal as it goes into ").sees("kept on this device, waiting for the network");
            ana.type("the glass.");
            Stage.restart();
            ana.kept().reload();
            assertThat(ana.page().locator(".ProseMirror"))
                    .hasText("Light bends toward the normal as it goes into the glass.");
        }
    }
}
