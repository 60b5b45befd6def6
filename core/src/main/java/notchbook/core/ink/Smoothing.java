package notchbook.core.ink;

import java.util.ArrayList;
import java.util.List;

/**
 * Takes the tremble of hand and digitiser out of a line.
 *
 * <p>Design: each sample moves towards the middle of its neighbours (weights 1, 2, 1), three times, and by at most
 * {@link #MOST_SHIFT} px. Ends stay, and so does a corner: a turn by more than 60° over the neighbours at
 * {@link #SPAN} px, since between samples closer than that the tremble itself turns.
 */
final class Smoothing {
    /** How far a sample is moved at most in each pass, in px: less than a fine pen is wide. */
    private static final double MOST_SHIFT = 1;

    /** From which distance a neighbour tells the direction of the line, in px. */
    private static final double SPAN = 4;

    private static final double CORNER = Math.cos(Math.toRadians(60));
    private static final int PASSES = 3;

    private Smoothing() {}

    static List<InkPoint> of(List<InkPoint> points) {
        var now = points;
        for (var pass = 0; pass < PASSES; pass++) {
            now = once(now);
        }
        return now;
    }

    private static List<InkPoint> once(List<InkPoint> points) {
        var moved = new ArrayList<InkPoint>(points.size());
        for (var i = 0; i < points.size(); i++) {
            var isFixed = i == 0 || i == points.size() - 1 || isCorner(points, i);
            moved.add(isFixed ? points.get(i) : towardsNeighbours(points.get(i - 1), points.get(i), points.get(i + 1)));
        }
        return moved;
    }

    private static InkPoint towardsNeighbours(InkPoint before, InkPoint point, InkPoint after) {
        var dx = (before.x() + after.x()) / 4 - point.x() / 2;
        var dy = (before.y() + after.y()) / 4 - point.y() / 2;
        var shift = Math.sqrt(dx * dx + dy * dy);
        var share = shift > MOST_SHIFT ? MOST_SHIFT / shift : 1;
        return point.at(point.x() + share * dx, point.y() + share * dy);
    }

    private static boolean isCorner(List<InkPoint> points, int i) {
        return Plane.turn(neighbour(points, i, -1), points.get(i), neighbour(points, i, 1)) < CORNER;
    }

    /** The first sample that is {@link #SPAN} away, or the end of the line. */
    private static InkPoint neighbour(List<InkPoint> points, int from, int step) {
        var at = from + step;
        while (at + step >= 0 && at + step < points.size() && points.get(from).distanceTo(points.get(at)) < SPAN) {
            at += step;
        }
        return points.get(at);
    }
}
