package notchbook.core.ink;

import java.util.ArrayList;
import java.util.List;

/** A round eraser of {@code radius} px that is drawn along a path. */
public record Eraser(List<InkPoint> path, double radius) {
    /** In how small steps a line is looked at, in px: a gap narrower than this may be missed. */
    private static final double STEP = 1;

    /** How often the edge of a gap is halved: to 1/64 of a step. */
    private static final int HALVINGS = 6;

    public Eraser {
        path = List.copyOf(path);
        if (path.isEmpty() || !(radius > 0)) {
            throw new IllegalArgumentException("An eraser has a place and a size.");
        }
    }

    /** Whether it touches a stroke anywhere. */
    public boolean touches(Stroke stroke) {
        var far = radius + stroke.width() / 2;
        if (!Bounds.of(path).meets(Bounds.of(stroke.points()), far)) {
            return false;
        }
        return steps(stroke.points()).stream().anyMatch(point -> Plane.distance(point.x(), point.y(), path) <= far);
    }

    /**
     * What it leaves of a stroke: the stroke itself where it was not touched, else the pieces outside, in order, each with
     * its own time and pressure. The middle of the line counts, not its edge.
     */
    public List<Stroke> leaves(Stroke stroke) {
        if (!Bounds.of(path).meets(Bounds.of(stroke.points()), radius)) {
            return List.of(stroke);
        }
        var points = stroke.points();
        var cut = new Cut();
        cut.go(points.getFirst());
        for (var i = 1; i < points.size(); i++) {
            var from = points.get(i - 1);
            var to = points.get(i);
            var steps = Math.max(1, (int) Math.ceil(from.distanceTo(to) / STEP));
            for (var step = 1; step < steps; step++) {
                cut.pass(from.towards(to, (double) step / steps));
            }
            cut.go(to);
        }
        return cut.isWhole() ? List.of(stroke) : cut.pieces(stroke);
    }

    private boolean takes(InkPoint point) {
        return Plane.distance(point.x(), point.y(), path) <= radius;
    }

    private static List<InkPoint> steps(List<InkPoint> points) {
        var all = new ArrayList<InkPoint>();
        all.add(points.getFirst());
        for (var i = 1; i < points.size(); i++) {
            var steps = Math.max(1, (int) Math.ceil(points.get(i - 1).distanceTo(points.get(i)) / STEP));
            for (var step = 1; step <= steps; step++) {
                all.add(points.get(i - 1).towards(points.get(i), (double) step / steps));
            }
        }
        return all;
    }

    /** The pieces outside, as they come while a line is walked along. */
    private final class Cut {
        private final List<List<InkPoint>> pieces = new ArrayList<>();
        private InkPoint last = new InkPoint(0, 0, 0, 0);
        private boolean wasOutside;
        private boolean wasTouched;

        /** A sample of the line: kept where it is outside. */
        void go(InkPoint point) {
            pass(point);
            if (wasOutside && pieces.getLast().getLast() != point) {
                pieces.getLast().add(point);
            }
        }

        /** A place between samples: kept only where a piece begins or ends. */
        void pass(InkPoint point) {
            var isOutside = !takes(point);
            wasTouched |= !isOutside;
            if (isOutside && !wasOutside) {
                pieces.add(new ArrayList<>(List.of(pieces.isEmpty() && !wasTouched ? point : edge(point, last))));
            }
            if (!isOutside && wasOutside) {
                pieces.getLast().add(edge(last, point));
            }
            wasOutside = isOutside;
            last = point;
        }

        boolean isWhole() {
            return !wasTouched;
        }

        List<Stroke> pieces(Stroke stroke) {
            return pieces.stream()
                    .filter(piece -> Plane.length(piece) > 0)
                    .map(stroke::along)
                    .toList();
        }

        /** The last place outside on the way in. */
        private InkPoint edge(InkPoint outside, InkPoint inside) {
            var out = outside;
            var in = inside;
            for (var i = 0; i < HALVINGS; i++) {
                var middle = out.towards(in, 0.5);
                if (takes(middle)) {
                    in = middle;
                } else {
                    out = middle;
                }
            }
            return out;
        }
    }
}
