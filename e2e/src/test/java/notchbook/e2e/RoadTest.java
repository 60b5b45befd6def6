package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer.OrderAnnotation;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestInstance.Lifecycle;
import org.junit.jupiter.api.TestMethodOrder;

/** From an empty notebook to a checked section: Hal makes a notebook from a syllabus file, Ms Tolland checks it. */
@TestInstance(Lifecycle.PER_CLASS)
@TestMethodOrder(OrderAnnotation.class)
class RoadTest {
    private static final String SYLLABUS = """
            code,parent,title,statement,weight,tier,exam years
            2,,Sound,,100,,
            2.3,2,Echoes and sonar,,,,
            2.3a,2.3,,Echo as reflection,,,
            2.3b,2.3,,Distance from echo time,,,
            2.3c,2.3,,Sources of timing error,,,
            """;

    private static final String LONG_ANSWER = "I know now why the distance has to be halved. ".repeat(8);

    private static final String SEALED_FILE = "Choose a PDF or package";

    private Chrome chrome;
    private Desk hal;
    private Desk tolland;

    @BeforeAll
    void open() {
        chrome = new Chrome();
        hal = new Desk(chrome.signedIn("hal"));
    }

    @AfterAll
    void close() {
        chrome.close();
    }

    @Test
    @Order(1)
    void refusesASyllabusFileWithItsLinesAndReadsTheMendedOne() {
        hal.page().navigate(Stage.address() + "/new");
        hal.page().getByLabel(Pattern.compile("^A table")).check();
        var file = hal.page().getByLabel("CSV or CASE file");
        file.setInputFiles(new FilePayload(
                "wrong.csv", "text/csv", SYLLABUS.replace("2.3c,2.3", "2.3b,7").getBytes()));
        hal.sees("things to mend first.").sees("Line 6. The code \"2.3b\" already stands on line 5");
        assertThat(hal.button("Make the edition")).isDisabled();
        file.setInputFiles(new FilePayload("right.csv", "text/csv", SYLLABUS.getBytes()));
        hal.fill("Code", "NB-9").fill("Title of the edition", "Sound alone").press("Make the edition");
        hal.sees("NB-9 Sound alone");
    }

    @Test
    @Order(2)
    void makesANotebookWithASectionForEachUnit() {
        hal.fill("Title", "Sound, my own");
        hal.page().getByLabel("Class").selectOption("10B Physics");
        hal.press("Make the notebook").sees("Begin here").sees("Echoes and sonar");
        hal.fill("Title of a new section", "Odds and ends")
                .press("^Add$")
                .press("Move Odds and ends in")
                .sees("Odds and ends");
        hal.button("^Rename$").click();
        hal.page().keyboard().type("Sound and echo");
        hal.page().keyboard().press("Enter");
        hal.go("Echoes and sonar").fill("Title of a new page", "Timing an echo").press("Make a page");
        assertThat(hal.page().getByLabel("Title of the page")).hasValue("Timing an echo");
    }

    @Test
    @Order(3)
    void writesDrawsPhotographsAndRecords() {
        hal.write("The sound goes there and back.").kept();
        hal.key("i").draw().kept();
        hal.key("p").press("Take the photo");
        assertThat(hal.entries()).hasCount(3);
        hal.key("r").press("Start recording");
        hal.page().waitForTimeout(2_500);
        hal.press("Stop and keep");
        assertThat(hal.entries()).hasCount(4);
        hal.kept().reload();
        assertThat(hal.entries()).hasCount(4);
        assertThat(hal.page().locator(".ProseMirror")).containsText("The sound goes there and back.");
        assertThat(hal.page().locator("section svg[role=img] path")).not().hasCount(0);
        assertThat(hal.page().locator("section img")).hasJSProperty("complete", true);
        assertThat(hal.page().getByText(Pattern.compile("0:00 of 0:0[23]"))).isVisible();
    }

    @Test
    @Order(4)
    void captionsAnEntryMovesItAndBringsItBackFromTheBin() {
        hal.page().locator("section button[aria-label^='Show “']").click();
        hal.page().keyboard().press("Escape");
        hal.fill("Caption", "Wall, 48 m").press("^Place").pick("Full width").kept();
        var photo = hal.page().locator("section[aria-label='photo entry: Wall, 48 m']");
        hal.press("^Move up$");
        assertThat(hal.entries().nth(1)).hasAttribute("aria-label", "photo entry: Wall, 48 m");
        hal.press("^Delete$");
        assertThat(photo).hasCount(0);
        hal.kept().go("^Bin$").press("Bring back");
        hal.page().goBack();
        assertThat(photo).isVisible();
    }

    @Test
    @Order(5)
    void refusesABrokenPictureAndLeavesThePageAsItWas() {
        hal.key("p");
        hal.page()
                .locator("input[type=file]")
                .setInputFiles(new FilePayload("holiday.jpg", "image/jpeg", "<html>no picture</html>".getBytes()));
        hal.sees("This is not a picture that can be read here. Use a JPEG, PNG or WebP file.")
                .press("^Seen$");
        assertThat(hal.entries()).hasCount(4);
    }

    @Test
    @Order(6)
    void notchesByCodeAndByTheEdge() {
        hal.page().locator(".ProseMirror").click();
        hal.notch("2.3a");
        assertThat(hal.slot("2.3a")).hasAttribute("aria-label", Pattern.compile("notched"));
        hal.page().locator("section svg[role=img]").first().click();
        hal.slot("2.3b").click();
        assertThat(hal.page().getByLabel("About this page")).containsText("Distance from echo time");
        hal.kept().reload();
        assertThat(hal.slot("2.3b")).hasAttribute("aria-label", Pattern.compile("notched"));
        hal.page().getByLabel("About this page").getByText("Echo as reflection").click();
        hal.sees("1 entry fell out").sees("Timing an echo");
    }

    @Test
    @Order(7)
    void seesWhatTheExamStillNeeds() {
        hal.go("Coverage").sees("67 %").sees("point still bare").sees("Late, 1 bare");
    }

    @Test
    @Order(8)
    void looksBackOnTheWeek() {
        hal.go("Looking back").follow("Week 12");
        hal.page()
                .getByLabel("What do you understand now that you did not on Monday?")
                .fill("An echo is a reflection.");
        hal.sees("5, at least 45 more");
        hal.page()
                .getByLabel("What do you understand now that you did not on Monday?")
                .fill(LONG_ANSWER);
        hal.page().getByLabel("What worked, what did not, and why?").fill(LONG_ANSWER);
        hal.page().getByLabel("How will you use it?").fill(LONG_ANSWER);
        hal.sees("80 of 50 to 150");
        hal.press("The sound goes there and back");
        hal.page().getByLabel("3 of 4, fairly").first().check(new Locator.CheckOptions().setForce(true));
        hal.kept().reload().sees("80 of 50 to 150");
    }

    @Test
    @Order(9)
    void gathersResourcesInItsOwnOrder() {
        hal.go("Collections")
                .fill("Title", "Echo practical")
                .fill("What it is for", "To write it up")
                .press("Make the collection")
                .sees("Nothing in it yet");
        hal.key("a").fill("Address", "javascript:alert(1)").press("Add it").sees("This is no web address");
        hal.fill("Address", "sonar.example/depth").press("Add it").sees("sonar.example");
        hal.key("a")
                .press("^Note$")
                .fill("Title", "Ask about wind")
                .fill("Note", "Does it change the speed?")
                .press("Add it");
        hal.sees("2 things").press("Move Ask about wind up");
        assertThat(hal.page().locator("#screen ol li").first()).containsText("Ask about wind");
    }

    /** A draft is remarked on and counts as nothing. */
    @Test
    @Order(10)
    void hasADraftLookedAt() {
        hal.go("Echoes and sonar").follow("Check and hand in");
        hal.page().getByLabel("What your teacher asked for").selectOption("Echo practical");
        hal.fill("A word to Ms Tolland", "Is one clap enough?")
                .press("See it as Ms Tolland will")
                .sees("The sound goes there and back.")
                .press("Send a draft to be looked at")
                .sees("draft 1")
                .sees("waiting to be read");
        tolland = new Desk(chrome.signedIn("tolland"));
        tolland.go("Echo practical").sees("Is one clap enough?").go("Marsh, H");
        tolland.sees("Hal Marsh · draft 1").sees("This draft is being read");
        tolland.key("w")
                .fill("Remark", "Time more than one.")
                .press("Put it here")
                .sees("Time more than one.");
        tolland.key("b").sees("This draft is sent back");
        hal.page().navigate(Stage.address() + "/hand-ins");
        hal.sees("sent back with 1 remark").sees("due");
    }

    @Test
    @Order(11)
    void isLedFromTheCheckToWhatIsMissingAndSealsVersionOne() throws IOException {
        hal.go("Echoes and sonar").follow("Check and hand in");
        hal.page().getByLabel("What your teacher asked for").selectOption("Echo practical");
        hal.sees("2.3c Sources of timing error has nothing notched").follow("Go to 2.3c");
        hal.page().locator("section[aria-label='photo entry: Wall, 48 m']").click();
        hal.page().keyboard().press("Escape");
        hal.notch("2.3c").kept();
        hal.go("Echoes and sonar").follow("Check and hand in");
        hal.page().getByLabel("What your teacher asked for").selectOption("Echo practical");
        hal.sees("2.3a, 2.3b, 2.3c notched")
                .press("Seal version 1 and send")
                .sees("seal holds")
                .sees("waiting to be read");
        var text = new PDFTextStripper().getText(Loader.loadPDF(Files.readAllBytes(pdf(hal.page()))));
        assertThat(text).contains("Timing an echo", "The sound goes there and back.", "Wall, 48 m", "Recording, 0:0");
    }

    @Test
    @Order(12)
    void isReadRemarkedOnAndSentBack() {
        tolland.page().navigate(Stage.address() + "/set-work");
        // What was seen here before is shown until the server has answered.
        tolland.go("Echo practical").sees("Marsh, H.version 1").go("Marsh, H");
        tolland.sees("Hal Marsh · version 1").sees("seal holds").sees("being read");
        tolland.press("Play Recording");
        assertThat(tolland.button("Stop Recording")).isVisible();
        // Words, by keys: the first sentence.
        handedIn("The sound goes").click();
        tolland.key("s")
                .key("w")
                .fill("Remark", "Say how many claps you timed.")
                .press("Put it here");
        assertThat(tolland.page().locator("mark.remarked")).hasText("The sound goes there and back.");
        // A spot of the picture, the pen over it, and a moment of the sound.
        var picture = handedIn("Wall, 48 m");
        picture.getByRole(AriaRole.IMG)
                .first()
                .click(new Locator.ClickOptions().setPosition(60, 40).setForce(true));
        tolland.sees("a spot").key("l").sees("Look again");
        picture.click();
        tolland.key("i").draw().press("Put it here");
        assertThat(picture.getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("Drawn with remark 3")))
                .isVisible();
        tolland.press("Play Recording");
        tolland.page()
                .waitForFunction(
                        "() => [...document.querySelectorAll('p')].some((one) => /at 0:0[1-9]/.test(one.textContent))");
        tolland.key("w").fill("Remark", "Give the figure.").press("Put it here").sees("at 0:0");
        // And aloud, on the whole.
        tolland.key("Escape").key("r").sees("Recording 0:0");
        tolland.page().waitForTimeout(1_500);
        tolland.key("r").sees("A spoken remark");
        assertThat(tolland.button("Play Remark 5, spoken by Ms Tolland")).isVisible();
        tolland.key("b").sees("sent back");
    }

    @Test
    @Order(13)
    void changesThePageAndHandsInVersionTwoWhileVersionOneStaysAsItWas() {
        hal.page().navigate(Stage.address() + "/hand-ins");
        hal.sees("sent back with 5 remarks").follow("sent back with 5 remarks").sees("On the whole");
        assertThat(hal.button("Play Remark 5, spoken by Ms Tolland")).isVisible();
        hal.press("^Answer$")
                .fill("Answer to remark 1", "Twenty of them.")
                .press("^Keep$")
                .sees("Twenty of them.");
        hal.follow("Go to the page").sees("Say how many claps you timed.");
        hal.page().locator(".ProseMirror").click();
        hal.page().keyboard().press("End");
        hal.type(" We timed twenty claps.").kept();
        hal.go("Echoes and sonar").follow("Check and hand in");
        hal.page().getByLabel("What your teacher asked for").selectOption("Echo practical");
        hal.press("Seal version 2 and send").sees("version 2").follow("^Version 1 sent back");
        assertThat(hal.page().locator("article").first()).not().containsText("twenty claps");
    }

    @Test
    @Order(14)
    void isCheckedInTheEnd() {
        tolland.reload()
                .go("Marsh, H")
                .sees("version 2")
                .sees("We timed twenty claps.")
                .sees("being read");
        tolland.sees("Nothing changed there. Answer: “Twenty of them.”");
        tolland.key("c").sees("version 1 and version 2").sees("words new");
        assertThat(tolland.page().locator("ins")).containsText("twenty claps");
        tolland.key("c").key("ArrowDown").key("a").sees("Agree");
        tolland.key("y").sees("This version is checked");
        hal.page().navigate(Stage.address() + "/hand-ins");
        hal.sees("checked");
        assertThat(chrome.complaints()).isEmpty();
    }

    /** A teacher, a student or whoever has the file sees whether anything in it was changed. */
    @Test
    @Order(15)
    void givesFilesThatShowEveryForgery() throws IOException {
        hal.follow("Version 2").sees("seal holds");
        var whole = Files.readAllBytes(hal.page()
                .waitForDownload(() -> hal.page()
                        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Package"))
                        .click())
                .path());
        var anybody = new Desk(chrome.context(1280, 800).newPage());
        anybody.page().navigate(Stage.address() + "/seal");
        anybody.choose(anybody.page().getByLabel(SEALED_FILE), "whole.zip", whole)
                .sees("The seal holds: not a byte differs.")
                .sees("Hal Marsh");
        var forged = Zips.changed(whole, "pages/001.json", text -> text.replace("twenty claps", "thirty claps"));
        anybody.choose(anybody.page().getByLabel(SEALED_FILE), "forged.zip", forged)
                .sees("The seal is broken.")
                .sees("pages/001.json");
        var restated = Zips.changed(whole, "seal.json", text -> text.replace("Hal Marsh", "Ana Ellory"));
        anybody.choose(anybody.page().getByLabel(SEALED_FILE), "restated.zip", restated)
                .sees("This is a forgery");
        var paper = Files.readAllBytes(pdf(hal.page()));
        anybody.choose(anybody.page().getByLabel(SEALED_FILE), "paper.pdf", paper)
                .sees("The seal holds: not a byte differs.");
        paper[paper.length / 2] ^= 1;
        anybody.choose(anybody.page().getByLabel(SEALED_FILE), "changed.pdf", paper)
                .sees("this PDF is not as Notchbook gave it");
    }

    /** On a phone, from a folder, without the school. */
    @Test
    @Order(16)
    void takesTheVersionAlongInFormsThatOpenElsewhere() throws IOException {
        var book = Files.createTempDirectory("epub");
        Zips.unpack(copy("Book (EPUB)"), book);
        assertThat(Files.readString(book.resolve("book/page-001.xhtml"))).contains("twenty claps", "<audio");
        var folder = Files.createTempDirectory("pages");
        Zips.unpack(copy("Web pages"), folder);
        var phone = chrome.context(390, 844).newPage();
        phone.navigate(folder.resolve("index.html").toUri().toString());
        assertThat(phone.locator("main")).containsText("twenty claps");
        phone.waitForFunction("() => [...document.querySelectorAll('audio')].every((one) => one.duration > 0)");
        phone.waitForFunction("() => [...document.querySelectorAll('img')].every((one) => one.naturalWidth > 0)");
        assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }

    private Path copy(String form) {
        hal.press("^Other forms$");
        hal.page().getByLabel(form).check();
        var saved = hal.page().waitForDownload(() -> hal.press("^Make it$")).path();
        hal.sees("is saved.");
        return saved;
    }

    /** An entry of what was handed in, by words of it. */
    private Locator handedIn(String words) {
        return tolland.page()
                .locator("section[id^='sealed-']")
                .filter(new Locator.FilterOptions().setHasText(words))
                .first();
    }

    private static Path pdf(Page page) {
        return page.waitForDownload(() -> page.getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName("PDF, A4").setExact(true))
                        .click())
                .path();
    }
}
