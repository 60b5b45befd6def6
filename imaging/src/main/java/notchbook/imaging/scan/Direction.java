package notchbook.imaging.scan;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Core;
import org.opencv.core.Mat;
import org.opencv.core.Scalar;
import org.opencv.imgproc.Imgproc;

/**
 * Tells which way up a page is by its lines of text. Across the lines ink comes and goes, along them it does not; and in
 * the Latin alphabet far more letters rise above the small ones (b, d, h, k, l, t, capitals) than hang below (g, p, q, y).
 */
final class Direction {
    /** In px of the long side: small print is still five px high. */
    private static final int SIDE = 1_100;

    /** On an evenly lit page, what is darker is ink. */
    private static final double INK = 165;

    /** A band is part of the small letters where it has at least this share of the line's fullest row. */
    private static final double SMALL_LETTERS = 0.55;

    /** How much more must stand on one side of the small letters than on the other. */
    private static final double CLEARLY = 1.25;

    /** Of lines and columns the one comes and goes this much more than the other where nobody would doubt it. */
    private static final double BEYOND_DOUBT = 1.7;

    /** Of a page's ink, how much more stands on the one side: of small letters 2 to 5 %, of capitals less than 1 %. */
    private static final double SURE_SHARE = 0.015;

    private static final int ENOUGH_LINES = 8;

    private Direction() {}

    /** Quarter turns to the right that put a page upright, and whether its lines leave no doubt of it. */
    record ToUpright(int quarters, boolean isSure) {}

    /** What puts an evenly lit page upright; it stays as it is when nothing tells. */
    static ToUpright toUpright(Mat page) {
        var ink = ink(page);
        var rows = InkRows.profile(ink, 1);
        var columns = InkRows.profile(ink, 0);
        var isLying = changes(columns) > changes(rows);
        var letters = Letters.of(isLying ? columns : rows);
        var isDown = letters.areUpsideDown().or(() -> LineEdges.upsideDown(ink, isLying));
        ink.release();
        var isSure = letters.areBeyondDoubt()
                && Math.max(changes(columns), changes(rows)) > BEYOND_DOUBT * Math.min(changes(columns), changes(rows));
        // Lines that run from bottom to top read from the left: the page is turned to the left.
        var quarters = isLying
                ? isDown.map(down -> down ? 3 : 1).orElse(0)
                : isDown.map(down -> down ? 2 : 0).orElse(0);
        return new ToUpright(quarters, isSure);
    }

    static Mat turned(Mat page, int quarters) {
        if (quarters % 4 == 0) {
            return page.clone();
        }
        var turned = new Mat();
        Core.rotate(
                page,
                turned,
                switch (quarters % 4) {
                    case 1 -> Core.ROTATE_90_CLOCKWISE;
                    case 2 -> Core.ROTATE_180;
                    default -> Core.ROTATE_90_COUNTERCLOCKWISE;
                });
        return turned;
    }

    private static Mat ink(Mat page) {
        var small = Vision.shrunk(page, SIDE);
        Imgproc.cvtColor(small, small, Imgproc.COLOR_BGR2GRAY);
        var ink = new Mat();
        Core.compare(small, new Scalar(INK), ink, Core.CMP_LT);
        small.release();
        return ink;
    }

    /** How much the ink comes and goes from one row to the next but one. */
    private static double changes(double[] profile) {
        var sum = 0.0;
        for (var i = 2; i < profile.length; i++) {
            sum += (profile[i] - profile[i - 2]) * (profile[i] - profile[i - 2]);
        }
        return sum;
    }

    /** How much ink stands before the small letters of all lines, and how much after them. */
    private record Letters(int lines, double before, double after, double all) {
        static Letters of(double[] profile) {
            var before = 0.0;
            var after = 0.0;
            var all = 0.0;
            var lines = Direction.lines(profile);
            for (var line : lines) {
                var fullest = Arrays.stream(line).max().orElse(0);
                var first = 0;
                var last = line.length - 1;
                while (line[first] < SMALL_LETTERS * fullest) {
                    first++;
                }
                while (line[last] < SMALL_LETTERS * fullest) {
                    last--;
                }
                before += Arrays.stream(line, 0, first).sum();
                after += Arrays.stream(line, last + 1, line.length).sum();
                all += Arrays.stream(line).sum();
            }
            return new Letters(lines.size(), before, after, all);
        }

        /** Empty when too few lines tell it too little. */
        Optional<Boolean> areUpsideDown() {
            if (lines < InkRows.FEWEST_LINES) {
                return Optional.empty();
            }
            if (before > CLEARLY * after) {
                return Optional.of(false);
            }
            return after > CLEARLY * before ? Optional.of(true) : Optional.empty();
        }

        boolean areBeyondDoubt() {
            return lines >= ENOUGH_LINES && Math.abs(before - after) > SURE_SHARE * all;
        }
    }

    private static List<double[]> lines(double[] profile) {
        return InkRows.lines(profile).stream()
                .map(span -> Arrays.copyOfRange(profile, span.from(), span.to()))
                .toList();
    }
}
