package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Point;

/** Four corners in px: put in their order, measured. */
final class Corners {
    private Corners() {}

    /** Clockwise from the top left; empty when they do not go round something convex. */
    static Optional<List<Point>> round(List<Point> corners) {
        var x = corners.stream().mapToDouble(corner -> corner.x).average().orElseThrow();
        var y = corners.stream().mapToDouble(corner -> corner.y).average().orElseThrow();
        var sorted = new ArrayList<>(corners);
        sorted.sort(Comparator.comparingDouble(corner -> Math.atan2(corner.y - y, corner.x - x)));
        var first = 0;
        for (var i = 1; i < 4; i++) {
            if (sorted.get(i).x + sorted.get(i).y < sorted.get(first).x + sorted.get(first).y) {
                first = i;
            }
        }
        var all = new ArrayList<Point>();
        for (var i = 0; i < 4; i++) {
            all.add(sorted.get((first + i) % 4));
        }
        return narrowest(all) > 0 ? Optional.of(all) : Optional.empty();
    }

    static double area(List<Point> corners) {
        var doubled = 0.0;
        for (var i = 0; i < 4; i++) {
            var here = corners.get(i);
            var next = corners.get((i + 1) % 4);
            doubled += here.x * next.y - next.x * here.y;
        }
        return Math.abs(doubled) / 2;
    }

    /** The narrowest inner angle; 0 when a corner points inwards. */
    static double narrowest(List<Point> corners) {
        var narrowest = Math.PI;
        for (var i = 0; i < 4; i++) {
            var before = corners.get((i + 3) % 4);
            var at = corners.get(i);
            var after = corners.get((i + 1) % 4);
            var angle = Math.atan2(after.y - at.y, after.x - at.x) - Math.atan2(before.y - at.y, before.x - at.x);
            // Clockwise on a screen, where y grows downwards, the way back lies to the left.
            var inner = ((-angle % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
            if (inner >= Math.PI) {
                return 0;
            }
            narrowest = Math.min(narrowest, Math.min(inner, Math.PI - inner));
        }
        return narrowest;
    }

    /** The farthest that a corner of one lies from the same corner of the other. */
    static double farthest(List<Point> one, List<Point> other) {
        var farthest = 0.0;
        for (var i = 0; i < 4; i++) {
            farthest = Math.max(farthest, Math.hypot(one.get(i).x - other.get(i).x, one.get(i).y - other.get(i).y));
        }
        return farthest;
    }
}
