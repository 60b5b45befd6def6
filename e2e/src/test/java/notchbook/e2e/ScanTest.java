package notchbook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.assertions.LocatorAssertions.HasCountOptions;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Paper becomes pages: photos from files, the camera and a phone, at the scan bench and back. */
class ScanTest {
    /** Three photos are looked at, straightened and compared in this time on a slow machine. */
    private static final double MADE_MILLIS = 120_000;

    private final Chrome chrome = new Chrome();
    private Desk lin;

    @BeforeEach
    void layABench() {
        lin = new Desk(chrome.signedIn("lin"));
        lin.go("Lenses").fill("Title of a new page", "On paper").press("Make a page");
        assertThat(lin.page().getByLabel("Title of the page")).hasValue("On paper");
        lin.key("p").press("Scan pages").sees("No photo yet");
    }

    @AfterEach
    void close() {
        chrome.close();
    }

    @Test
    void makesASetOfPhotosPutsItInAndWorksOnItAgain() throws IOException {
        add(photo("IMG_7.png", 1, 0), photo("IMG_8.png", 2, -4), photo("IMG_9.png", 1, 3));
        seesWhenMade("3 photos, 2 pages");
        lin.sees("same page as 1, left out").sees("In the order of the numbers in their names");
        lin.fill("Name of the set", "Lens notes")
                .fill("Name of the page", "Rays")
                .press("^Put 2 pages into");
        assertThat(lin.entries()).hasCount(1);
        assertThat(strip()).hasCount(2);
        assertThat(lin.page().getByLabel("Caption")).hasValue("Lens notes");
        strip().nth(0).focus();
        lin.page().keyboard().press("ArrowRight");
        assertThat(strip().nth(1)).hasAttribute("aria-current", "true");
        lin.press("^Pages").pick("Work on them at the scan bench").sees("2 photos, 2 pages");
        lin.key("t").key("3");
        assertThat(lin.page().getByLabel("Ink on white")).isChecked();
        lin.press("^Keep 2 pages");
        assertThat(strip()).hasCount(2);
        lin.press("^Pages");
        assertThat(pagesOf(lin.page().waitForDownload(() -> lin.pick("As a PDF"))))
                .isEqualTo(2);
    }

    @Test
    void splitsASetAndJoinsItAgain() {
        add(photo("1.png", 1, 0), photo("2.png", 2, 0));
        seesWhenMade("2 photos, 2 pages");
        lin.press("^Put 2 pages into");
        assertThat(strip()).hasCount(2);
        lin.press("Split after page 1").kept();
        assertThat(lin.entries()).hasCount(2);
        lin.reload();
        assertThat(lin.entries()).hasCount(2);
        lin.entries().first().click();
        lin.page().keyboard().press("Escape");
        lin.press("^Pages").pick("Join with the photo below").kept();
        assertThat(lin.entries()).hasCount(1);
        assertThat(strip()).hasCount(2);
    }

    @Test
    void takesPhotosWithTheCameraAndFromAPhoneOnWhichNobodyIsSignedIn() {
        lin.key("p").press("^Take the photo").press("^Done");
        seesWhenMade("1 photo, 1 page");
        lin.press("From a phone");
        var address = lin.page().locator("dialog p.break-all").innerText();
        var phone = chrome.context(390, 780).newPage();
        phone.navigate(address);
        assertThat(phone.locator("h1")).hasText("Photos for “On paper”");
        phone.getByLabel("Take a photo").setInputFiles(photo("IMG_1.png", 3, 2));
        assertThat(phone.locator("body")).containsText("1 photo sent");
        lin.page().keyboard().press("Escape");
        seesWhenMade("2 photos, 2 pages");
        var other = chrome.context(390, 780).newPage();
        other.navigate(address);
        assertThat(other.locator("body")).containsText("Another phone has opened this link");
    }

    @Test
    void losesNoPhotoWhenTheTabIsClosedBeforeTheyAreSent() {
        var context = lin.page().context();
        context.setOffline(true);
        add(IntStream.range(0, 4)
                .mapToObj(i -> photo("p" + i + ".png", 10 + i, 0))
                .toArray(FilePayload[]::new));
        lin.sees("4 photos on the way");
        var address = lin.page().url();
        lin.page().close();
        context.setOffline(false);
        lin = new Desk(context.newPage());
        lin.page().navigate(address);
        seesWhenMade("4 photos, 4 pages");
    }

    @Test
    void makesAPageOfEachChosenPageOfAPdf() {
        add(new FilePayload("worksheet.pdf", "application/pdf", Papers.pdf("Reflection", "Refraction", "Lenses")));
        lin.sees("It has 3 pages").fill("Pages", "2-3").press("^Lay 2 pages").sees("2 photos, 2 pages");
        lin.sees("worksheet 2").sees("The photo as it was taken").press("^Put 2 pages into");
        assertThat(strip()).hasCount(2);
    }

    @Test
    void namesABrokenPhotoAndGoesOnWithTheOthers() {
        var broken = new FilePayload("torn.png", "image/png", new byte[] {(byte) 0x89, 'P', 'N', 'G', 1, 2, 3});
        add(photo("a1.png", 1, 0), broken, photo("a2.png", 2, 0));
        lin.sees("“torn.png”: This is not a picture that can be read here.");
        seesWhenMade("2 photos, 2 pages");
    }

    private void add(FilePayload... photos) {
        lin.page().getByLabel("Add files").setInputFiles(photos);
    }

    private void seesWhenMade(String count) {
        var patience = new ContainsTextOptions().setTimeout(MADE_MILLIS);
        assertThat(lin.page().locator("#screen")).containsText(count, patience);
        assertThat(lin.page().getByText("looking for the page"))
                .hasCount(0, new HasCountOptions().setTimeout(MADE_MILLIS));
    }

    private Locator strip() {
        return lin.page().locator("ol[aria-label^='Pages of'] button");
    }

    private static FilePayload photo(String name, int seed, double degrees) {
        return new FilePayload(name, "image/png", Papers.photographed(seed, degrees));
    }

    private static int pagesOf(Download download) throws IOException {
        try (var pdf = Loader.loadPDF(Files.readAllBytes(download.path()))) {
            return pdf.getNumberOfPages();
        }
    }
}
