package notchbook.browser;

import java.util.ArrayList;
import java.util.List;
import notchbook.core.ink.InkPoint;

/** Points as numbers and back. */
final class Samples {
    /** x, y, pressure, ms and tilt. */
    private static final int NUMBERS = 5;

    private Samples() {}

    static List<InkPoint> points(double[] samples) {
        var points = new ArrayList<InkPoint>(samples.length / NUMBERS);
        for (var i = 0; i + NUMBERS <= samples.length; i += NUMBERS) {
            points.add(new InkPoint(samples[i], samples[i + 1], samples[i + 2], (int) samples[i + 3], samples[i + 4]));
        }
        return points;
    }

    static double[] of(List<InkPoint> points) {
        var samples = new double[NUMBERS * points.size()];
        var i = 0;
        for (var point : points) {
            samples[i++] = point.x();
            samples[i++] = point.y();
            samples[i++] = point.pressure();
            samples[i++] = point.millis();
            samples[i++] = point.tilt();
        }
        return samples;
    }

    /** A path of x and y alone. */
    static List<InkPoint> places(double[] path) {
        var places = new ArrayList<InkPoint>(path.length / 2);
        for (var i = 0; i + 2 <= path.length; i += 2) {
            places.add(new InkPoint(path[i], path[i + 1], 0, 0));
        }
        return places;
    }
}
