package notchbook.core.ink;

import java.util.List;

/** Distances and angles on the drawing, in px and radians. Not {@code Math.hypot}: it is exact to the last bit and slow. */
final class Plane {
    private Plane() {}

    static double distance(double ax, double ay, double bx, double by) {
        return Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay));
    }

    /** From a place to the nearest point of the segment from {@code a} to {@code b}. */
    static double distance(double x, double y, InkPoint a, InkPoint b) {
        var dx = b.x() - a.x();
        var dy = b.y() - a.y();
        var square = dx * dx + dy * dy;
        var share = square == 0 ? 0 : ((x - a.x()) * dx + (y - a.y()) * dy) / square;
        var nearest = share < 0 ? 0 : Math.min(share, 1);
        return distance(x, y, a.x() + nearest * dx, a.y() + nearest * dy);
    }

    /** From a place to the nearest point of a path; infinite where there is none. */
    static double distance(double x, double y, List<InkPoint> path) {
        var least = path.isEmpty() ? Double.POSITIVE_INFINITY : distance(x, y, path.getFirst(), path.getFirst());
        for (var i = 1; i < path.size(); i++) {
            least = Math.min(least, distance(x, y, path.get(i - 1), path.get(i)));
        }
        return least;
    }

    static double length(List<InkPoint> path) {
        var sum = 0.0;
        for (var i = 1; i < path.size(); i++) {
            sum += path.get(i - 1).distanceTo(path.get(i));
        }
        return sum;
    }

    /** The cosine of the turn that a path takes at {@code b}: 1 straight on, −1 back; 1 where two points are one. */
    static double turn(InkPoint a, InkPoint b, InkPoint c) {
        var lengths = a.distanceTo(b) * b.distanceTo(c);
        return lengths == 0 ? 1 : ((b.x() - a.x()) * (c.x() - b.x()) + (b.y() - a.y()) * (c.y() - b.y())) / lengths;
    }
}
