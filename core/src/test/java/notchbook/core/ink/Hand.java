package notchbook.core.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import notchbook.core.ink.Stroke.Tool;

/** Draws as a hand does: samples every few px along a way, with a tremble. */
final class Hand {
    private static final double STEP = 3;

    private final double tremble;
    private final Random random;

    private Hand(double tremble, long seed) {
        this.tremble = tremble;
        this.random = new Random(seed);
    }

    static Hand steady() {
        return new Hand(0, 0);
    }

    static Hand trembling(double px, long seed) {
        return new Hand(px, seed);
    }

    /** Along the straight lines between places, given as x1, y1, x2, y2, … */
    Stroke along(double... places) {
        var points = new ArrayList<InkPoint>();
        points.add(sample(places[0], places[1], 0));
        for (var i = 2; i < places.length; i += 2) {
            var steps = (int) Math.ceil(Math.hypot(places[i] - places[i - 2], places[i + 1] - places[i - 1]) / STEP);
            for (var step = 1; step <= steps; step++) {
                var share = (double) step / steps;
                points.add(sample(
                        places[i - 2] + share * (places[i] - places[i - 2]),
                        places[i - 1] + share * (places[i + 1] - places[i - 1]),
                        points.size()));
            }
        }
        return stroke(points);
    }

    /** Around an ellipse, turned by degrees, closed but for the last few of them. */
    Stroke around(double x, double y, double a, double b, double turned, double gap) {
        var points = new ArrayList<InkPoint>();
        var turn = Math.toRadians(turned);
        for (var degrees = 0.0; degrees <= 360 - gap; degrees += 4) {
            var along = a * Math.cos(Math.toRadians(degrees));
            var across = b * Math.sin(Math.toRadians(degrees));
            points.add(sample(
                    x + along * Math.cos(turn) - across * Math.sin(turn),
                    y + along * Math.sin(turn) + across * Math.cos(turn),
                    points.size()));
        }
        return stroke(points);
    }

    private InkPoint sample(double x, double y, int count) {
        return new InkPoint(
                x + tremble * (2 * random.nextDouble() - 1),
                y + tremble * (2 * random.nextDouble() - 1),
                0.5,
                8 * count);
    }

    private static Stroke stroke(List<InkPoint> points) {
        return new Stroke(Tool.PEN, "#17262D", 4, points);
    }
}
