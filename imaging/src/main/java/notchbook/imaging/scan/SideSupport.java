package notchbook.imaging.scan;

import java.util.Arrays;
import java.util.List;
import org.opencv.core.Mat;
import org.opencv.core.Point;

/** How well the sides of a quad are seen in a picture (Lab, text wiped off): colour right inside against right outside. */
final class SideSupport {
    private static final int SAMPLES = 36;

    /** How far inside and outside is looked, in px. */
    private static final double STEP = 4.5;

    /** Differences in colour: below the first there is no edge, above the second there is one for sure. */
    private static final double NO_EDGE = 3;

    private static final double CLEAR_EDGE = 13;

    /** What a side along the border of the photo counts for: it may be one, and nothing speaks for it. */
    private static final double AT_BORDER = 0.3;

    private final byte[] pixels;
    private final int width;
    private final int height;

    SideSupport(Mat lab) {
        width = lab.cols();
        height = lab.rows();
        pixels = new byte[width * height * 3];
        lab.get(0, 0, pixels);
    }

    /** The weakest of the four sides and all of them together, each from 0 to 1. */
    record Seen(double weakest, double all) {}

    Seen of(List<Point> corners) {
        var sides = new double[4];
        for (var i = 0; i < 4; i++) {
            sides[i] = along(corners.get(i), corners.get((i + 1) % 4));
        }
        var weakest = Arrays.stream(sides).min().orElseThrow();
        var product = Arrays.stream(sides).reduce(1, (a, b) -> a * b);
        return new Seen(weakest, Math.pow(product, 0.25) * (0.5 + 0.5 * weakest));
    }

    private double along(Point from, Point to) {
        var length = Math.hypot(to.x - from.x, to.y - from.y);
        // Clockwise on a screen, the inside lies to the right of the way.
        var inX = -(to.y - from.y) / length * STEP;
        var inY = (to.x - from.x) / length * STEP;
        var seen = 0.0;
        var counted = 0;
        for (var i = 0; i < SAMPLES; i++) {
            var share = (i + 0.5) / SAMPLES;
            var x = from.x + share * (to.x - from.x);
            var y = from.y + share * (to.y - from.y);
            if (!isInside(x, y)) {
                continue;
            }
            counted++;
            seen += isInside(x - inX, y - inY) && isInside(x + inX, y + inY)
                    ? edge(x + inX, y + inY, x - inX, y - inY)
                    : AT_BORDER;
        }
        // A side that runs outside the photo for the most part is not seen at all.
        return counted < SAMPLES / 3 ? 0 : seen / counted * Math.min(1, counted / (0.85 * SAMPLES));
    }

    private double edge(double inX, double inY, double outX, double outY) {
        var inside = at(inX, inY);
        var outside = at(outX, outY);
        var light = (pixels[inside] & 0xFF) - (pixels[outside] & 0xFF);
        var a = (pixels[inside + 1] & 0xFF) - (pixels[outside + 1] & 0xFF);
        var b = (pixels[inside + 2] & 0xFF) - (pixels[outside + 2] & 0xFF);
        var apart = Math.sqrt(light * light + 2.5 * (a * a + b * b));
        return Math.clamp((apart - NO_EDGE) / (CLEAR_EDGE - NO_EDGE), 0, 1);
    }

    private int at(double x, double y) {
        return ((int) y * width + (int) x) * 3;
    }

    private boolean isInside(double x, double y) {
        return x >= 0 && y >= 0 && x < width && y < height;
    }
}
