package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.List;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.core.Rect;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** Lays the sides of a quad onto the steepest change of light and colour near them, in a finer picture than they were found in. */
final class SideFitter {
    /** A finer picture than this only shows more grain. In px. */
    private static final int FINE = 1_600;

    private static final int SAMPLES = 90;

    /** How far to both sides of a side its edge is looked for, as a share of the long side of the picture. */
    private static final double REACH = 0.011;

    /** Corners are left out: there another side comes in. */
    private static final double MARGIN = 0.06;

    /** An edge weaker than this share of a side's median one is grain. */
    private static final double WEAK = 0.35;

    private SideFitter() {}

    /** The corners after fitting, in px of the picture; where no edge is found they stay. */
    static List<Point> fitted(Mat picture, List<Point> corners) {
        var fine = Vision.shrunk(picture, FINE);
        var scale = fine.cols() / (double) picture.cols();
        Imgproc.GaussianBlur(fine, fine, new Size(5, 5), 1.2);
        var sides = new ArrayList<Side>();
        for (var i = 0; i < 4; i++) {
            sides.add(fitted(fine, scaled(corners.get(i), scale), scaled(corners.get((i + 1) % 4), scale)));
        }
        fine.release();
        var all = new ArrayList<Point>();
        for (var i = 0; i < 4; i++) {
            var coarse = corners.get(i);
            var most = 3 * REACH * Math.max(picture.cols(), picture.rows());
            all.add(sides.get((i + 3) % 4)
                    .meets(sides.get(i))
                    .map(corner -> scaled(corner, 1 / scale))
                    .filter(corner -> Math.hypot(corner.x - coarse.x, corner.y - coarse.y) < most)
                    .orElse(coarse));
        }
        return all;
    }

    private static Point scaled(Point point, double scale) {
        return new Point(point.x * scale, point.y * scale);
    }

    /** A place on the edge and how steep it is there. */
    private record Found(Point at, double steepness) {}

    private static Side fitted(Mat fine, Point from, Point to) {
        var found = new ArrayList<Found>();
        for (var i = 0; i < SAMPLES; i++) {
            var share = MARGIN + (1 - 2 * MARGIN) * i / (SAMPLES - 1);
            var middle = new Point(from.x + share * (to.x - from.x), from.y + share * (to.y - from.y));
            steepest(fine, middle, from, to, found);
        }
        var strong = strong(found);
        if (strong.size() < SAMPLES / 4) {
            return Side.through(from, to, 0);
        }
        var points = new MatOfPoint2f(strong.toArray(Point[]::new));
        var line = new Mat();
        // Huber's distance: a finger or a torn edge pulls the line no farther than a point does.
        Imgproc.fitLine(points, line, Imgproc.DIST_HUBER, 0, 0.01, 0.01);
        var way = new Point(line.get(0, 0)[0], line.get(1, 0)[0]);
        var on = new Point(line.get(2, 0)[0], line.get(3, 0)[0]);
        points.release();
        line.release();
        return Side.through(on, new Point(on.x + way.x, on.y + way.y), 0);
    }

    private static List<Point> strong(List<Found> found) {
        var steepness = found.stream().mapToDouble(Found::steepness).sorted().toArray();
        if (steepness.length == 0) {
            return List.of();
        }
        var least = WEAK * steepness[steepness.length / 2];
        return found.stream()
                .filter(one -> one.steepness() >= least)
                .map(Found::at)
                .toList();
    }

    /** The steepest place on the way across the side at {@code middle}, between two px by the parabola through three. */
    private static void steepest(Mat fine, Point middle, Point from, Point to, List<Found> found) {
        var length = Math.hypot(to.x - from.x, to.y - from.y);
        var acrossX = -(to.y - from.y) / length;
        var acrossY = (to.x - from.x) / length;
        var reach = (int) Math.round(REACH * Math.max(fine.cols(), fine.rows()));
        var frame = new Rect(0, 0, fine.cols(), fine.rows());
        var steps = new double[2 * reach + 1];
        for (var step = -reach; step <= reach; step++) {
            var out = new Point(middle.x + (step - 1.5) * acrossX, middle.y + (step - 1.5) * acrossY);
            var in = new Point(middle.x + (step + 1.5) * acrossX, middle.y + (step + 1.5) * acrossY);
            if (!frame.contains(out) || !frame.contains(in)) {
                return;
            }
            steps[step + reach] = apart(fine, in, out);
        }
        var best = 0;
        for (var i = 1; i < steps.length; i++) {
            best = steps[i] > steps[best] ? i : best;
        }
        var at = best - reach + between(steps, best);
        found.add(new Found(new Point(middle.x + at * acrossX, middle.y + at * acrossY), steps[best]));
    }

    private static double between(double[] steps, int best) {
        if (best == 0 || best == steps.length - 1) {
            return 0;
        }
        var bend = steps[best - 1] - 2 * steps[best] + steps[best + 1];
        return bend == 0 ? 0 : Math.clamp(0.5 * (steps[best - 1] - steps[best + 1]) / bend, -0.5, 0.5);
    }

    private static double apart(Mat fine, Point one, Point other) {
        var a = new byte[3];
        var b = new byte[3];
        fine.get((int) one.y, (int) one.x, a);
        fine.get((int) other.y, (int) other.x, b);
        var sum = 0.0;
        for (var i = 0; i < 3; i++) {
            var difference = (a[i] & 0xFF) - (b[i] & 0xFF);
            sum += difference * difference;
        }
        return Math.sqrt(sum);
    }
}
