package notchbook.imaging.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import notchbook.core.scan.Finish;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** From photos whose truth is known to clean pages. */
class ScanTest {
    private static final int TEXT_PAGES = 20;

    static {
        Vision.load();
    }

    @Test
    void putsNineteenInTwentyTextPagesUpright() {
        var upright = 0;
        for (var i = 0; i < TEXT_PAGES; i++) {
            var photo = photo(Sheet.Kind.TEXT, i, shot(i, TestPhoto.Shadow.values()[i % 4], Desk.values()[i % 6]));
            var first = Scan.of(Vision.jpeg(photo.picture()));
            upright += (first.recipe().quarters() + photo.turn()) % 4 == 0 ? 1 : 0;
            photo.picture().release();
        }
        System.out.printf("%d of %d text pages upright%n", upright, TEXT_PAGES);
        assertThat(upright).isGreaterThanOrEqualTo(TEXT_PAGES * 19 / 20);
    }

    /** Capitals have no letters that hang below or rise above, and centred lines no even edge: reading has to tell. */
    @Test
    void isNotSureWhichWayUpCapitalsAreSoThatReadingCanTell() {
        var wrong = 0;
        for (var i = 0; i < 8; i++) {
            var photo = photo(Sheet.Kind.CAPITALS, i, shot(i, TestPhoto.Shadow.SOFT, Desk.DARK_WOOD));
            var first = Scan.of(Vision.jpeg(photo.picture()));
            var missing = (8 - first.recipe().quarters() - photo.turn()) % 4;
            if (missing != 0) {
                wrong++;
                assertThat(first.isSurelyUpright()).as(photo.about()).isFalse();
                var upright = wordsRead(Vision.decoded(Scan.turned(first.page(), missing)));
                var asItIs = wordsRead(Vision.decoded(first.page().jpeg()));
                assertThat(upright).as(photo.about()).isGreaterThan(2 * asItIs + 10);
            }
            photo.picture().release();
        }
        System.out.printf("%d of 8 pages of capitals not upright by their lines%n", wrong);
        assertThat(wrong).as("pages that reading has to turn").isPositive();
    }

    @ParameterizedTest
    @EnumSource(TestPhoto.Shadow.class)
    void takesShadowsOutAndMakesThePaperWhite(TestPhoto.Shadow shadow) {
        var photo = photo(Sheet.Kind.DRAWING, 5, shot(5, shadow, Desk.LIGHT_WOOD));
        assertThat(unevenness(photo, Finish.AS_TAKEN)).isGreaterThan(25);
        assertThat(unevenness(photo, Finish.EVEN_LIGHT)).isLessThan(12);
        assertThat(unevenness(photo, Finish.INK_ON_WHITE)).isLessThan(8);
    }

    @Test
    void keepsTheColourOfInkUnlessBlackOnWhiteIsWished() {
        var photo = photo(Sheet.Kind.DRAWING, 5, shot(5, TestPhoto.Shadow.SOFT, Desk.LIGHT_WOOD));
        assertThat(colourfulness(photo, Finish.EVEN_LIGHT)).isGreaterThan(40);
        assertThat(colourfulness(photo, Finish.INK_ON_WHITE)).isLessThan(6);
    }

    @Test
    void givesAPageItsRealProportionsHoweverItWasTilted() {
        for (var i = 0; i < 12; i++) {
            var photo = photo(Sheet.Kind.TEXT, i, shot(i, TestPhoto.Shadow.NONE, Desk.DARK_WOOD));
            var page = made(photo, Finish.AS_TAKEN);
            var longToShort = Math.max(page.cols(), page.rows()) / (double) Math.min(page.cols(), page.rows());
            assertThat(longToShort).as(photo.about()).isBetween(1.40, 1.43);
        }
    }

    @Test
    void readsMoreOfACleanedPageThanOfItsPhoto() {
        var raw = 0;
        var cleaned = 0;
        for (var i = 0; i < 3; i++) {
            var shot = new TestPhoto.Shot(2_000, 1_500, 18, 0, Desk.GREY, TestPhoto.Shadow.values()[1 + i % 3], i);
            var photo = photo(Sheet.Kind.TEXT, i, shot);
            raw += wordsRead(photo.picture());
            cleaned += wordsRead(made(photo, Finish.INK_ON_WHITE));
        }
        System.out.printf("words read: %d on photos, %d on cleaned pages%n", raw, cleaned);
        assertThat(cleaned).isGreaterThan(raw);
    }

    @Test
    void knowsAPageAgainAndTellsPagesOfOneHandoutApart() {
        var traces = new ArrayList<byte[]>();
        for (var sheet = 0; sheet < 8; sheet++) {
            var kind = sheet < 4 ? Sheet.Kind.TEXT : Sheet.Kind.TABLE;
            for (var again = 0; again < 2; again++) {
                var seed = 100 * sheet + again;
                var photo = photo(kind, sheet, shot(seed, TestPhoto.Shadow.values()[(sheet + again) % 4], Desk.GREY));
                traces.add(SamePage.traceOf(made(photo, Finish.EVEN_LIGHT)));
            }
        }
        for (var i = 0; i < traces.size(); i++) {
            for (var other = 0; other < i; other++) {
                assertThat(SamePage.isSame(traces.get(other), traces.get(i)))
                        .as("photos %d and %d", other, i)
                        .isEqualTo(i % 2 == 1 && other == i - 1);
            }
        }
    }

    @Test
    void advisesToTakeABlurredOrMirroringPhotoAgainAndSaysNothingOfAGoodOne() {
        for (var i = 0; i < 6; i++) {
            var desk = i % 2 == 0 ? Desk.DARK_WOOD : Desk.LIGHT_WOOD;
            var photo = photo(Sheet.Kind.values()[i % 3], i, shot(i, TestPhoto.Shadow.SOFT, desk));
            assertThat(judged(photo).advice()).as(photo.about()).isEmpty();
        }
        var blurred = photo(Sheet.Kind.TEXT, 1, shot(1, TestPhoto.Shadow.NONE, Desk.DARK_WOOD));
        Imgproc.GaussianBlur(blurred.picture(), blurred.picture(), new Size(0, 0), 6);
        assertThat(judged(blurred).advice()).contains("Blurred. Hold still and take it again.");
        var mirroring = photo(Sheet.Kind.TEXT, 1, shot(1, TestPhoto.Shadow.NONE, Desk.DARK_WOOD));
        var middle =
                new Point(mirroring.picture().cols() / 2.0, mirroring.picture().rows() / 2.0);
        Imgproc.circle(mirroring.picture(), middle, 60, new Scalar(255, 255, 255), -1);
        assertThat(judged(mirroring).advice()).anyMatch(line -> line.startsWith("A lamp is mirrored"));
    }

    @Test
    void makesSomethingOfAnyPictureAtAll() {
        for (var size : List.of(new Size(1, 1), new Size(3, 900), new Size(900, 600))) {
            var picture = new Mat(size, CvType.CV_8UC3, new Scalar(128, 128, 128));
            var first = Scan.of(Vision.jpeg(picture));
            assertThat(first.judgement().cornerSureness()).isLessThan(Judgement.SURE_CORNERS);
            assertThat(first.page().width()).isPositive();
            assertThat(SamePage.isSame(first.trace(), first.trace())).isFalse();
        }
    }

    private static TestPhoto.Shot shot(int seed, TestPhoto.Shadow shadow, Desk desk) {
        var random = new Random(seed);
        return new TestPhoto.Shot(1_600, 1_200, 28 * random.nextDouble(), random.nextInt(4), desk, shadow, seed);
    }

    private static TestPhoto photo(Sheet.Kind kind, int seed, TestPhoto.Shot shot) {
        var sheet = Sheet.of(kind, seed, 244);
        var photo = TestPhoto.of(sheet, shot);
        sheet.release();
        return photo;
    }

    private static Mat made(TestPhoto photo, Finish finish) {
        var quad = PageFinder.find(photo.picture()).quad();
        var recipe = new Recipe(quad, (4 - photo.turn()) % 4, finish);
        return Vision.decoded(Scan.make(Vision.jpeg(photo.picture()), recipe).jpeg());
    }

    private static Judgement judged(TestPhoto photo) {
        return Scan.of(Vision.jpeg(photo.picture())).judgement();
    }

    /** How far apart the brightest and the darkest places of bare paper are: of a grid of patches, each by its median. */
    private static double unevenness(TestPhoto photo, Finish finish) {
        var grey = new Mat();
        Imgproc.cvtColor(made(photo, finish), grey, Imgproc.COLOR_BGR2GRAY);
        Imgproc.medianBlur(grey, grey, 15);
        var patches = new ArrayList<Double>();
        for (var row = 1; row < 20; row++) {
            for (var column = 1; column < 14; column++) {
                patches.add(grey.get(row * grey.rows() / 20, column * grey.cols() / 14)[0]);
            }
        }
        patches.sort(Double::compare);
        return patches.get(patches.size() * 97 / 100) - patches.get(patches.size() * 6 / 100);
    }

    /** How much the most coloured ink differs between its channels. */
    private static double colourfulness(TestPhoto photo, Finish finish) {
        var page = made(photo, finish);
        var channels = new ArrayList<Mat>();
        Core.split(page, channels);
        var apart = new Mat();
        Core.absdiff(channels.get(0), channels.get(2), apart);
        return Light.percentile(apart, 0.995);
    }

    private static int wordsRead(Mat picture) {
        try {
            var file = Files.createTempFile("notchbook", ".jpg");
            Files.write(file, Vision.jpeg(picture));
            var program = new ProcessBuilder("tesseract", file.toString(), "stdout", "--dpi", "150")
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            var text = new String(program.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            Files.delete(file);
            return (int) Arrays.stream(text.toLowerCase().split("[^a-z]+"))
                    .filter(Sheet.WORDS::contains)
                    .count();
        } catch (IOException notThere) {
            throw new AssertionError("Tesseract is not installed.", notThere);
        }
    }
}
