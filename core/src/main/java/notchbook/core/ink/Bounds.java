package notchbook.core.ink;

import java.util.List;

/** The upright rectangle that something takes, in px of the drawing. */
public record Bounds(double left, double top, double right, double bottom) {
    /** The room that a stroke takes, its width at full pressure and tilt included. */
    public static Bounds of(Stroke stroke) {
        var half = stroke.widest() / 2;
        var room = of(stroke.points());
        return new Bounds(room.left - half, room.top - half, room.right + half, room.bottom + half);
    }

    /** The room of the places alone. */
    static Bounds of(List<InkPoint> points) {
        var first = points.getFirst();
        var left = first.x();
        var top = first.y();
        var right = left;
        var bottom = top;
        for (var point : points) {
            left = Math.min(left, point.x());
            top = Math.min(top, point.y());
            right = Math.max(right, point.x());
            bottom = Math.max(bottom, point.y());
        }
        return new Bounds(left, top, right, bottom);
    }

    /** Whether the place lies inside, or within {@code reach} px of it. */
    boolean isNear(double x, double y, double reach) {
        return x >= left - reach && x <= right + reach && y >= top - reach && y <= bottom + reach;
    }

    boolean meets(Bounds other, double reach) {
        return left - reach <= other.right
                && other.left <= right + reach
                && top - reach <= other.bottom
                && other.top <= bottom + reach;
    }

    double diagonal() {
        return Plane.distance(left, top, right, bottom);
    }
}
