package notchbook.core.ink;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The outline of a stroke as a closed polygon, so that its changing width stays a vector shape.
 *
 * <p>Design: at each sample the two edge points lie half the local width away, along the normal of the direction
 * between the neighbouring samples; left edge forward, right edge back, closed by round caps of {@link #CAP_STEPS}
 * corners. A single sample becomes a disc.
 */
public record Outline(List<Corner> corners) {
    /** Corners of a half circle: enough that a 6 px cap looks round in print. */
    private static final int CAP_STEPS = 8;

    /** A corner of the outline in px of the drawing. */
    public record Corner(double x, double y) {}

    public static Outline of(Stroke stroke) {
        var points = distinct(stroke.points());
        if (points.size() == 1) {
            return new Outline(arc(points.getFirst(), stroke.widthAt(points.getFirst()) / 2, 0, 2 * CAP_STEPS));
        }
        var left = new ArrayList<Corner>();
        var right = new ArrayList<Corner>();
        for (var i = 0; i < points.size(); i++) {
            var at = points.get(i);
            var half = stroke.widthAt(at) / 2;
            var angle = direction(points, i) + Math.PI / 2;
            left.add(around(at, half, angle));
            right.add(around(at, half, angle + Math.PI));
        }
        var last = points.getLast();
        var first = points.getFirst();
        var corners = new ArrayList<>(left);
        corners.addAll(cap(last, stroke.widthAt(last) / 2, direction(points, points.size() - 1) + Math.PI / 2));
        Collections.reverse(right);
        corners.addAll(right);
        corners.addAll(cap(first, stroke.widthAt(first) / 2, direction(points, 0) - Math.PI / 2));
        return new Outline(List.copyOf(corners));
    }

    /** A half circle turned clockwise from {@code start} radians. */
    private static List<Corner> cap(InkPoint centre, double radius, double start) {
        var corners = new ArrayList<Corner>();
        for (var step = 1; step < CAP_STEPS; step++) {
            corners.add(around(centre, radius, start - Math.PI * step / CAP_STEPS));
        }
        return corners;
    }

    private static List<Corner> arc(InkPoint centre, double radius, double start, int steps) {
        var corners = new ArrayList<Corner>();
        for (var step = 0; step < steps; step++) {
            corners.add(around(centre, radius, start + 2 * Math.PI * step / steps));
        }
        return List.copyOf(corners);
    }

    private static double direction(List<InkPoint> points, int i) {
        var before = points.get(Math.max(0, i - 1));
        var after = points.get(Math.min(points.size() - 1, i + 1));
        return Math.atan2(after.y() - before.y(), after.x() - before.x());
    }

    private static Corner around(InkPoint centre, double radius, double angle) {
        return new Corner(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle));
    }

    private static List<InkPoint> distinct(List<InkPoint> points) {
        var kept = new ArrayList<InkPoint>();
        for (var point : points) {
            if (kept.isEmpty()
                    || kept.getLast().x() != point.x()
                    || kept.getLast().y() != point.y()) {
                kept.add(point);
            }
        }
        return kept;
    }
}
