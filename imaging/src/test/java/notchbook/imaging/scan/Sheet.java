package notchbook.imaging.scan;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.imgproc.Imgproc;

/** A sheet of A4 with something on it, as it lies flat under a lamp: 150 px to the inch. */
final class Sheet {
    static {
        Vision.load();
    }

    static final int WIDTH = 1240;
    static final int HEIGHT = 1754;

    private static final Scalar INK = new Scalar(60, 45, 40);
    private static final Scalar PEN = new Scalar(150, 70, 20);
    private static final int MARGIN = 110;
    static final List<String> WORDS =
            ("the wave sound echo water shore tide wind sand pebble light glass lens mirror angle ray image focus speed time "
                            + "distance source air wall measure longer shorter because therefore between every through carries energy")
                    .lines()
                    .flatMap(line -> List.of(line.split(" ")).stream())
                    .toList();

    /** What is on a sheet. */
    enum Kind {
        TEXT,
        TABLE,
        DRAWING,
        CAPITALS
    }

    private Sheet() {}

    /** The same seed gives the same sheet; {@code paper} is how bright the paper is, from 0 to 255. */
    static Mat of(Kind kind, long seed, int paper) {
        var random = new Random(seed);
        var sheet = new Mat(HEIGHT, WIDTH, CvType.CV_8UC3, new Scalar(paper - 6, paper - 2, paper));
        switch (kind) {
            case TEXT -> text(sheet, random, MARGIN, HEIGHT - MARGIN);
            case TABLE -> table(sheet, random);
            case DRAWING -> drawing(sheet, random);
            case CAPITALS -> capitals(sheet, random);
        }
        return sheet;
    }

    private static void text(Mat sheet, Random random, int top, int bottom) {
        line(sheet, sentence(random, 3), top + 30, 1.7, 3);
        for (var y = top + 110; y < bottom; y += 46) {
            if (random.nextInt(7) == 0) {
                y += 30;
            }
            line(sheet, sentence(random, 8 + random.nextInt(3)), y, 0.86, 2);
        }
    }

    /** Centred lines of capitals, as on a poster. */
    private static void capitals(Mat sheet, Random random) {
        for (var y = MARGIN + 60; y < HEIGHT - MARGIN; y += 80) {
            var words = sentence(random, 3 + random.nextInt(3))
                    .toUpperCase(Locale.ROOT)
                    .replace(".", "");
            var width = Imgproc.getTextSize(words, Imgproc.FONT_HERSHEY_COMPLEX, 1, 2, new int[1]).width;
            Imgproc.putText(
                    sheet,
                    words,
                    new Point((WIDTH - width) / 2, y),
                    Imgproc.FONT_HERSHEY_COMPLEX,
                    1,
                    INK,
                    2,
                    Imgproc.LINE_AA);
        }
    }

    private static void line(Mat sheet, String words, int y, double size, int thickness) {
        Imgproc.putText(
                sheet,
                words,
                new Point(MARGIN, y),
                Imgproc.FONT_HERSHEY_COMPLEX,
                size,
                INK,
                thickness,
                Imgproc.LINE_AA);
    }

    private static String sentence(Random random, int words) {
        var line = new StringBuilder();
        for (var i = 0; i < words; i++) {
            line.append(i == 0 ? "" : " ").append(WORDS.get(random.nextInt(WORDS.size())));
        }
        return line.substring(0, 1).toUpperCase() + line.substring(1, Math.min(line.length(), 56)) + ".";
    }

    private static void table(Mat sheet, Random random) {
        text(sheet, random, MARGIN, 500);
        for (var row = 0; row <= 12; row++) {
            var y = 560 + row * 80;
            Imgproc.line(sheet, new Point(MARGIN, y), new Point(WIDTH - MARGIN, y), INK, 3);
        }
        for (var column = 0; column <= 4; column++) {
            var x = MARGIN + column * (WIDTH - 2 * MARGIN) / 4;
            Imgproc.line(sheet, new Point(x, 560), new Point(x, 560 + 12 * 80), INK, 3);
            for (var row = 0; column < 4 && row < 12; row++) {
                Imgproc.putText(
                        sheet,
                        String.valueOf(random.nextInt(9_000) / 100.0),
                        new Point(x + 20, 615 + row * 80),
                        Imgproc.FONT_HERSHEY_COMPLEX,
                        0.9,
                        INK,
                        2,
                        Imgproc.LINE_AA);
            }
        }
    }

    /** A heading, a few curves in pen and a circle: much of the paper stays white. */
    private static void drawing(Mat sheet, Random random) {
        line(sheet, sentence(random, 3), 150, 1.7, 3);
        for (var curve = 0; curve < 3; curve++) {
            var base = 420 + 330 * curve;
            var height = 40 + random.nextInt(90);
            var length = 90 + random.nextInt(160);
            var points = new Point[200];
            for (var i = 0; i < points.length; i++) {
                points[i] = new Point(180 + 4.4 * i, base + height * Math.sin(4.4 * i * Math.PI / length));
            }
            Imgproc.polylines(sheet, List.of(new MatOfPoint(points)), false, PEN, 5, Imgproc.LINE_AA);
        }
        Imgproc.circle(sheet, new Point(300 + random.nextInt(600), 1_440), 130, PEN, 5, Imgproc.LINE_AA);
    }
}
