package notchbook.imaging.scan;

import notchbook.core.scan.Finish;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.Recipe;
import org.opencv.core.Mat;

/** From a photo of paper to a clean page. */
public final class Scan {
    /** Fine enough to look at a page, by eye and by rule. In px of its long side. */
    private static final int LOOKED_AT = 1_400;

    private Scan() {}

    /** A page as JPEG, in full and for the screen; the size of the full one in px. */
    public record Page(byte[] jpeg, byte[] screen, int width, int height) {}

    /**
     * What comes of a photo by itself: a first recipe, what was measured on the way, the page that it makes, and a trace by
     * which {@link SamePage} knows that page again. Where it is not sure which way up it is, reading may tell.
     */
    public record First(Recipe recipe, Judgement judgement, Page page, byte[] trace, boolean isSurelyUpright) {}

    /** Finds the page, which way up it is, and how good the photo is, and makes the page in even light. */
    public static First of(byte[] photo) {
        var picture = Vision.decoded(photo);
        var found = PageFinder.find(picture);
        var straight = Straightener.straight(picture, found.quad());
        picture.release();
        var small = Vision.shrunk(straight, LOOKED_AT);
        var even = Light.even(small);
        var upright = Direction.toUpright(even);
        var recipe = new Recipe(found.quad(), upright.quarters(), Finish.EVEN_LIGHT);
        var trace = SamePage.traceOf(even);
        var judgement = Quality.of(small, found.sureness());
        even.release();
        small.release();
        return new First(recipe, judgement, made(straight, recipe), trace, upright.isSure());
    }

    /** The page that was made, turned by quarters to the right, as JPEG. */
    public static byte[] turned(Page page, int quarters) {
        var picture = Vision.decoded(page.jpeg());
        var turned = Direction.turned(picture, quarters);
        picture.release();
        var jpeg = Vision.jpeg(turned);
        turned.release();
        return jpeg;
    }

    /** The same photo's page, turned by further quarters to the right. */
    public static First turned(First first, byte[] photo, int quarters) {
        var was = first.recipe();
        var recipe = new Recipe(was.quad(), (was.quarters() + quarters) % 4, was.finish());
        return new First(recipe, first.judgement(), make(photo, recipe), first.trace(), true);
    }

    /** Makes the page of a photo by a recipe. */
    public static Page make(byte[] photo, Recipe recipe) {
        var picture = Vision.decoded(photo);
        var straight = Straightener.straight(picture, recipe.quad());
        picture.release();
        return made(straight, recipe);
    }

    private static Page made(Mat straight, Recipe recipe) {
        var turned = Direction.turned(straight, recipe.quarters());
        straight.release();
        var finished = finished(turned, recipe.finish());
        turned.release();
        var forScreen = Vision.shrunk(finished, LOOKED_AT);
        var made = new Page(Vision.jpeg(finished), Vision.jpeg(forScreen), finished.cols(), finished.rows());
        forScreen.release();
        finished.release();
        return made;
    }

    private static Mat finished(Mat page, Finish finish) {
        return switch (finish) {
            case AS_TAKEN -> page.clone();
            case EVEN_LIGHT -> Light.even(page);
            case INK_ON_WHITE -> Light.inkOnWhite(page);
        };
    }
}
