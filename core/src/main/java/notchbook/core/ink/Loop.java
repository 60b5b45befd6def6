package notchbook.core.ink;

import java.util.List;

/** A line drawn around what is meant; its ends are joined. */
public record Loop(List<InkPoint> corners) {
    public Loop {
        corners = List.copyOf(corners);
    }

    /** Whether a stroke is meant: most of its length lies inside, so that a careless loop gets it all the same. */
    public boolean holds(Stroke stroke) {
        var points = stroke.points();
        if (points.size() == 1) {
            return holds(points.getFirst().x(), points.getFirst().y());
        }
        var inside = 0.0;
        for (var i = 1; i < points.size(); i++) {
            var middle = points.get(i - 1).towards(points.get(i), 0.5);
            if (holds(middle.x(), middle.y())) {
                inside += points.get(i - 1).distanceTo(points.get(i));
            }
        }
        return inside > Plane.length(points) / 2;
    }

    /** Whether a place lies inside, by the even-odd rule. */
    public boolean holds(double x, double y) {
        var isInside = false;
        for (var i = 0; i < corners.size(); i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % corners.size());
            var crosses = a.y() > y != b.y() > y;
            if (crosses && x < a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                isInside = !isInside;
            }
        }
        return isInside;
    }
}
