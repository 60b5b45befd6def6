package notchbook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import javax.imageio.ImageIO;

/** What was written on a photo, on the screen and on the sheet that a teacher prints. */
record LayerOnPaper(Page page, Locator layer) {
    /** What differs by more, over red, green and blue, is a mark and no rounding. */
    private static final int MARKED = 60;

    /** Marks a few px beside their place would be off the screen by more than the bare photo is. */
    private static final double MOST_OFF = 0.75;

    private static final String SECTION =
            "async () => (await (await fetch(`/api/pages/${location.pathname.split('/p/')[1]}`)).json()).sectionId";

    /**
     * The same marks in the same places: where they lie, paper is more like the screen with them than without. It is not the
     * same to the dot: letters are drawn otherwise, and a highlighter lies over the print instead of under it.
     */
    void isPrintedAsItIsSeen() throws IOException {
        var seen = shown();
        layer.evaluate("svg => { svg.style.visibility = 'hidden'; }");
        var bare = shown();
        layer.evaluate("svg => { svg.style.visibility = ''; }");
        var pdf = new SectionCopy(page, page.evaluate(SECTION)).as("PDF", Map.of());
        var printed = PrintedPicture.last(pdf, seen.getWidth(), seen.getHeight());
        var marked = 0;
        var offSeen = 0.0;
        var offBare = 0.0;
        for (var y = 0; y < seen.getHeight(); y++) {
            for (var x = 0; x < seen.getWidth(); x++) {
                if (apart(seen.getRGB(x, y), bare.getRGB(x, y)) > MARKED) {
                    marked++;
                    offSeen += apart(printed.getRGB(x, y), seen.getRGB(x, y));
                    offBare += apart(printed.getRGB(x, y), bare.getRGB(x, y));
                }
            }
        }
        System.out.printf(
                "a layer on paper: %d px with marks, off the screen by %.0f, off the bare photo by %.0f%n",
                marked, offSeen / marked, offBare / marked);
        assertThat(marked).as("px with marks").isGreaterThan(1_000);
        assertThat(offSeen).isLessThan(MOST_OFF * offBare);
    }

    private BufferedImage shown() throws IOException {
        var around = layer.locator("xpath=..");
        var room = around.boundingBox();
        var place = layer.boundingBox();
        return ImageIO.read(new ByteArrayInputStream(around.screenshot()))
                .getSubimage(
                        (int) Math.round(place.x - room.x), (int) Math.round(place.y - room.y), (int) place.width, (int)
                                place.height);
    }

    private static int apart(int one, int other) {
        return Math.abs((one >> 16 & 255) - (other >> 16 & 255))
                + Math.abs((one >> 8 & 255) - (other >> 8 & 255))
                + Math.abs((one & 255) - (other & 255));
    }
}
