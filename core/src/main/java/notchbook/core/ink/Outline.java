package notchbook.core.ink;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The outline of a stroke as closed rings, so that its changing width stays a vector shape.
 *
 * <p>Design: at each sample the two edge points lie half the local width away, along the normal of the direction
 * between the neighbouring samples; left edge forward, right edge back, closed by round caps of {@link #CAP_STEPS}
 * corners. Where the line turns by more than 60° a ring ends and the next begins, so corners are round and have no
 * spikes; all rings turn the same way, so where they overlap they are filled (non-zero rule). A single sample becomes a disc.
 */
public record Outline(List<List<Corner>> rings) {
    /** Corners of a half circle: enough that a 6 px cap looks round in print. */
    private static final int CAP_STEPS = 8;

    private static final double SHARP = 0.5;

    /** Samples closer than this are one: they have no direction. In px. */
    private static final double CLOSEST = 0.01;

    /** A corner of the outline in px of the drawing. */
    public record Corner(double x, double y) {}

    public static Outline of(Stroke stroke) {
        var points = distinct(stroke.points());
        var rings = new ArrayList<List<Corner>>();
        var from = 0;
        for (var i = 1; i < points.size(); i++) {
            var isLast = i == points.size() - 1;
            if (isLast || Plane.turn(points.get(i - 1), points.get(i), points.get(i + 1)) < SHARP) {
                rings.add(ring(stroke, points.subList(from, i + 1)));
                from = i;
            }
        }
        if (points.size() == 1) {
            rings.add(disc(points.getFirst(), stroke.widthAt(points.getFirst()) / 2));
        }
        return new Outline(List.copyOf(rings));
    }

    private static List<Corner> ring(Stroke stroke, List<InkPoint> points) {
        var left = new ArrayList<Corner>();
        var right = new ArrayList<Corner>();
        for (var i = 0; i < points.size(); i++) {
            var at = points.get(i);
            var side = side(points, i, stroke.widthAt(at) / 2);
            left.add(new Corner(at.x() + side.x, at.y() + side.y));
            right.add(new Corner(at.x() - side.x, at.y() - side.y));
        }
        var last = points.getLast();
        var ring = new ArrayList<>(left);
        addCap(ring, last, side(points, points.size() - 1, stroke.widthAt(last) / 2));
        Collections.reverse(right);
        ring.addAll(right);
        var first = points.getFirst();
        var side = side(points, 0, stroke.widthAt(first) / 2);
        addCap(ring, first, new Corner(-side.x, -side.y));
        return List.copyOf(ring);
    }

    /** From the line to its left edge: at a right angle to its direction there. */
    private static Corner side(List<InkPoint> points, int i, double half) {
        var before = points.get(Math.max(0, i - 1));
        var after = points.get(Math.min(points.size() - 1, i + 1));
        var length = before.distanceTo(after);
        return new Corner(-half * (after.y() - before.y()) / length, half * (after.x() - before.x()) / length);
    }

    /** The corners of a half circle that begins beside its centre and turns round the end of the line. */
    private static void addCap(List<Corner> ring, InkPoint centre, Corner side) {
        for (var step = 1; step < CAP_STEPS; step++) {
            var angle = -Math.PI * step / CAP_STEPS;
            var cos = Math.cos(angle);
            var sin = Math.sin(angle);
            ring.add(new Corner(centre.x() + side.x * cos - side.y * sin, centre.y() + side.x * sin + side.y * cos));
        }
    }

    private static List<Corner> disc(InkPoint centre, double radius) {
        var corners = new ArrayList<Corner>();
        for (var step = 0; step < 2 * CAP_STEPS; step++) {
            var angle = Math.PI * step / CAP_STEPS;
            corners.add(new Corner(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle)));
        }
        return List.copyOf(corners);
    }

    private static List<InkPoint> distinct(List<InkPoint> points) {
        var kept = new ArrayList<InkPoint>(points.size());
        for (var point : points) {
            if (kept.isEmpty() || kept.getLast().distanceTo(point) > CLOSEST) {
                kept.add(point);
            }
        }
        return kept;
    }
}
