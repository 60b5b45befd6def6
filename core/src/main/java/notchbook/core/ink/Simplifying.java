package notchbook.core.ink;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * Leaves out samples that change nothing to see (Ramer 1972, Douglas and Peucker 1973): none that is left out lay further
 * than the tolerance from the line through those that stay, nor was its pressure or tilt further from theirs than shows.
 */
final class Simplifying {
    /** A fifth of a px is not seen, at twice the size neither. */
    static final double TOLERANCE = 0.2;

    /** A difference in pressure that changes the width of a pen by less than a tenth of itself. */
    private static final double PRESSURE = 0.08;

    /** A difference in tilt, in degrees, that does the same. */
    private static final double TILT = 4;

    private Simplifying() {}

    /** The samples that stay, first and last among them; {@code tolerance} in px. */
    static List<InkPoint> within(List<InkPoint> points, double tolerance) {
        var stays = new BitSet(points.size());
        stays.set(0);
        stays.set(points.size() - 1);
        var spans = new ArrayDeque<Span>();
        spans.push(new Span(0, points.size() - 1));
        while (!spans.isEmpty()) {
            var span = spans.pop();
            var worst = span.worst(points, tolerance);
            if (worst > 0) {
                stays.set(worst);
                spans.push(new Span(span.first, worst));
                spans.push(new Span(worst, span.last));
            }
        }
        var kept = new ArrayList<InkPoint>(stays.cardinality());
        for (var i = stays.nextSetBit(0); i >= 0; i = stays.nextSetBit(i + 1)) {
            kept.add(points.get(i));
        }
        return List.copyOf(kept);
    }

    /** Samples from one that stays to the next. */
    private record Span(int first, int last) {
        /** The sample between that is missed most by a straight line from end to end; −1 if none is. */
        int worst(List<InkPoint> points, double tolerance) {
            var from = points.get(first);
            var to = points.get(last);
            var worst = -1;
            var most = 1.0;
            for (var i = first + 1; i < last; i++) {
                var off = off(points.get(i), from, to, tolerance);
                if (off > most) {
                    most = off;
                    worst = i;
                }
            }
            return worst;
        }

        /** How far off a sample is, in tolerances. */
        private static double off(InkPoint point, InkPoint from, InkPoint to, double tolerance) {
            var length = from.distanceTo(to);
            var meant = from.towards(to, length == 0 ? 0 : Math.min(1, from.distanceTo(point) / length));
            return Math.max(
                    Plane.distance(point.x(), point.y(), from, to) / tolerance,
                    Math.max(
                            Math.abs(point.pressure() - meant.pressure()) / PRESSURE,
                            Math.abs(point.tilt() - meant.tilt()) / TILT));
        }
    }
}
