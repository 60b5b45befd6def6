package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer.OrderAnnotation;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.api.TestMethodOrder;

/** Set work with criteria that two made together; it is changed and taken back. And a sheet that nobody asked for. */
@TestInstance(Lifecycle.PER_CLASS)
@TestMethodOrder(OrderAnnotation.class)
class JudgingTest {
    private Chrome chrome;
    private Desk noor;
    private Desk tolland;

    @BeforeAll
    void open() {
        chrome = new Chrome();
        noor = new Desk(chrome.signedIn("noor"));
        tolland = new Desk(chrome.signedIn("tolland"));
    }

    @AfterAll
    void close() {
        chrome.close();
    }

    @Test
    @Order(1)
    void asksForWorkWithCriteria() {
        to(tolland, "/set-work");
        tolland.fill("Title", "Slinky on the floor")
                .fill("What it should be", "Both kinds of wave, with who did what.")
                .fill("Due", "2027-01-29")
                .press("Add a criterion")
                .fill("Name of criterion 1", "Pushes and pulls")
                .fill("Levels of criterion 1", "one kind 0\nboth kinds 2\nand says which is which 4")
                .press("Ask the class")
                .go("Slinky on the floor");
        tolland.sees("judged by 1 criterion").sees("Nothing waits to be read.");
    }

    @Test
    @Order(2)
    void isHandedInAsTheWorkOfTwo() {
        to(noor, "/hand-ins");
        noor.page()
                .locator("#screen section")
                .filter(new Locator.FilterOptions().setHasText("Slinky on the floor"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Check and hand in"))
                .click();
        noor.press("Somebody made it with me");
        noor.page().getByLabel("Teo Adewale").check();
        noor.sees("you and Teo Adewale")
                .fill("A word to Ms Tolland", "Teo pushed, I timed.")
                .press("^(Seal version 1 and send|Send with)")
                .sees("waiting to be read");
    }

    @Test
    @Order(3)
    void isJudgedByKeysAndReachesBoth() {
        tolland.reload().sees("Teo pushed, I timed.").go("Sallow, N");
        tolland.sees("Noor Sallow and Teo Adewale · version 1")
                .sees("being read")
                .key("m");
        tolland.page().keyboard().press("3");
        tolland.sees("4 of 4 points").key("b").sees("is sent back");
        var teo = new Desk(chrome.signedIn("teo"));
        to(teo, "/hand-ins");
        teo.page()
                .locator("#screen section")
                .filter(new Locator.FilterOptions().setHasText("Slinky on the floor"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Version 1"))
                .click();
        teo.sees("By what it was judged").sees("and says which is which").sees("4 of 4 points");
    }

    @Test
    @Order(4)
    void isChangedAndTakenBackAndAskedForAgain() {
        tolland.go("Slinky on the floor");
        tolland.press("More about Slinky on the floor").pick("Change what is asked");
        tolland.fill("Title", "Slinky in the hall")
                .fill("A word to those who have begun", "The hall has a longer floor.")
                .press("Keep the change");
        to(noor, "");
        noor.sees("The hall has a longer floor.");
        tolland.press("More about Slinky in the hall").pick("Take it back");
        tolland.fill("A word to those who have begun", "The hall is closed after all.")
                .press("^Take it back$");
        tolland.sees("The class is asked for this no longer.");
        to(noor, "");
        noor.sees("The hall is closed after all.");
        to(noor, "/hand-ins");
        noor.sees("Slinky in the hall").sees("taken back");
        tolland.press("^Undo");
        assertThat(tolland.button("More about Slinky in the hall")).isVisible();
        to(noor, "/hand-ins");
        noor.sees("Slinky in the hall");
        assertThat(noor.page().getByText("taken back", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
    }

    @Test
    @Order(5)
    void sendsASheetThatNobodyAskedFor() {
        to(noor, "");
        noor.go("Looking back").follow("Week 12");
        noor.fill("What do you understand now that you did not on Monday?", "A push goes along, a swing goes across.")
                .kept();
        noor.follow("Hand in this sheet")
                .sees("who has not asked for it")
                .fill("A word to Ms Tolland", "Is that how one says it?")
                .press("^Send with")
                .sees("waiting to be read");
        tolland.go("All set work").go("Sent unasked by 10B Physics");
        tolland.sees("Is that how one says it?").go("Sallow, N");
        tolland.sees("A push goes along, a swing goes across.").sees("being read");
        tolland.key("w").fill("Remark", "Yes, just so.").press("Put it here").key("b");
        tolland.sees("is sent back");
        to(noor, "/hand-ins");
        noor.sees("sent back with 1 remark");
    }

    private static void to(Desk desk, String path) {
        desk.page().navigate(Stage.address() + path);
    }
}
