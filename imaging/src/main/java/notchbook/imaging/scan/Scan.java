package notchbook.imaging.scan;

import java.util.List;
import java.util.stream.IntStream;
import notchbook.core.scan.Finish;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.Quad;
import org.opencv.core.Mat;

/** From a photo of paper to a clean page. */
public final class Scan {
    /** Fine enough to judge a page by. In px of its long side. */
    private static final int LOOKED_AT = 1_400;

    private Scan() {}

    /** How a photo is made a page: where the page lies, how many quarters it is turned to the right, how it looks. */
    public record Recipe(Quad quad, int quarters, Finish finish) {}

    /** A first recipe for a photo, as found, with what was measured on the way. */
    public record Proposal(Recipe recipe, Judgement judgement) {}

    /** A page as JPEG; sizes in px. */
    public record Page(byte[] jpeg, int width, int height) {}

    /** Finds the page, which way up it is, and how good the photo is. */
    public static Proposal propose(byte[] photo) {
        var picture = Vision.decoded(photo);
        var found = PageFinder.find(picture);
        var page = Straightener.straight(picture, found.quad());
        picture.release();
        var small = Vision.shrunk(page, LOOKED_AT);
        page.release();
        var even = Light.even(small);
        var quarters = Direction.quartersToUpright(even);
        var judgement = Quality.of(small, found.sureness());
        even.release();
        small.release();
        return new Proposal(new Recipe(found.quad(), quarters, Finish.EVEN_LIGHT), judgement);
    }

    /** Makes the page of a photo by a recipe. */
    public static Page make(byte[] photo, Recipe recipe) {
        var picture = Vision.decoded(photo);
        var page = Straightener.straight(picture, recipe.quad());
        picture.release();
        var turned = Direction.turned(page, recipe.quarters());
        page.release();
        var finished = finished(turned, recipe.finish());
        turned.release();
        var made = new Page(Vision.jpeg(finished), finished.cols(), finished.rows());
        finished.release();
        return made;
    }

    /** For each page in even light, the first one before it that shows the same, as its place; -1 for a page of its own. */
    public static List<Integer> firstOfSame(List<byte[]> pages) {
        var traces = pages.stream()
                .map(page -> {
                    var picture = Vision.decoded(page);
                    try {
                        return SamePage.Trace.of(picture);
                    } finally {
                        picture.release();
                    }
                })
                .toList();
        return IntStream.range(0, traces.size())
                .map(i -> IntStream.range(0, i)
                        .filter(before -> SamePage.isSame(traces.get(before), traces.get(i)))
                        .findFirst()
                        .orElse(-1))
                .boxed()
                .toList();
    }

    private static Mat finished(Mat page, Finish finish) {
        return switch (finish) {
            case AS_TAKEN -> page.clone();
            case EVEN_LIGHT -> Light.even(page);
            case INK_ON_WHITE -> Light.inkOnWhite(page);
        };
    }
}
