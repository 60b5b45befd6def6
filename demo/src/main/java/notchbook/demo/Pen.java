package notchbook.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;

/** A hand with a pen: it draws lines, curves and words with the tremble and the pressure that a real hand has. */
final class Pen {
    private static final int SAMPLE_MILLIS = 8;
    private static final double STEP = 6;

    static final String INK = "#17262D";
    static final String BLUE = "#0E5A66";
    static final String RED = "#A23B2C";

    private final int width;
    private final int height;
    private final Random hand;
    private final List<Stroke> strokes = new ArrayList<>();
    private String colour = INK;
    private double thickness = 4.5;

    Pen(int width, int height, long seed) {
        this.width = width;
        this.height = height;
        this.hand = new Random(seed);
    }

    Pen with(String newColour, double newThickness) {
        colour = newColour;
        thickness = newThickness;
        return this;
    }

    /** A polyline through points given as x, y, x, y …, in px. */
    Pen line(double... xy) {
        var path = new ArrayList<double[]>();
        for (var i = 0; i + 3 < xy.length; i += 2) {
            var length = Math.hypot(xy[i + 2] - xy[i], xy[i + 3] - xy[i + 1]);
            var steps = Math.max(1, (int) (length / STEP));
            for (var step = 0; step <= steps; step++) {
                var share = step / (double) steps;
                path.add(new double[] {xy[i] + share * (xy[i + 2] - xy[i]), xy[i + 1] + share * (xy[i + 3] - xy[i + 1])
                });
            }
        }
        return stroke(path, Stroke.Tool.PEN);
    }

    Pen arrow(double fromX, double fromY, double toX, double toY) {
        var angle = Math.atan2(toY - fromY, toX - fromX);
        line(fromX, fromY, toX, toY);
        return line(
                toX - 18 * Math.cos(angle - 0.5),
                toY - 18 * Math.sin(angle - 0.5),
                toX,
                toY,
                toX - 18 * Math.cos(angle + 0.5),
                toY - 18 * Math.sin(angle + 0.5));
    }

    Pen dashed(double fromX, double fromY, double toX, double toY) {
        var dashes = Math.max(2, (int) (Math.hypot(toX - fromX, toY - fromY) / 26));
        for (var dash = 0; dash < dashes; dash++) {
            var start = dash / (double) dashes;
            var end = start + 0.55 / dashes;
            line(
                    fromX + start * (toX - fromX),
                    fromY + start * (toY - fromY),
                    fromX + end * (toX - fromX),
                    fromY + end * (toY - fromY));
        }
        return this;
    }

    /** The graph of a function over x from one place to another. */
    Pen curve(double fromX, double toX, DoubleUnaryOperator y) {
        var path = new ArrayList<double[]>();
        for (var x = fromX; x <= toX; x += STEP / 2) {
            path.add(new double[] {x, y.applyAsDouble(x)});
        }
        return stroke(path, Stroke.Tool.PEN);
    }

    Pen arc(double x, double y, double radius, double fromDegrees, double toDegrees) {
        var path = new ArrayList<double[]>();
        for (var degrees = fromDegrees; degrees <= toDegrees; degrees += 5) {
            var angle = Math.toRadians(degrees);
            path.add(new double[] {x + radius * Math.cos(angle), y + radius * Math.sin(angle)});
        }
        return stroke(path, Stroke.Tool.PEN);
    }

    /** Around a thing, and a little past where the hand began. */
    Pen ring(double x, double y, double a, double b) {
        var path = new ArrayList<double[]>();
        for (var degrees = -100; degrees <= 275; degrees += 6) {
            var angle = Math.toRadians(degrees);
            var drift = 1 + degrees / 6_000.0;
            path.add(new double[] {x + drift * a * Math.cos(angle), y + drift * b * Math.sin(angle)});
        }
        return stroke(path, Stroke.Tool.PEN);
    }

    Pen box(double x, double y, double boxWidth, double boxHeight) {
        return line(x, y, x + boxWidth, y, x + boxWidth, y + boxHeight, x, y + boxHeight, x, y);
    }

    Pen highlight(double fromX, double y, double toX) {
        var path = new ArrayList<double[]>();
        for (var x = fromX; x <= toX; x += STEP) {
            path.add(new double[] {x, y});
        }
        return stroke(path, Stroke.Tool.HIGHLIGHTER);
    }

    /** Words in handwriting; {@code size} is the height of a small letter in px. */
    Pen words(double x, double y, double size, String words) {
        var unit = size / 4;
        var at = x;
        for (var letter : words.toCharArray()) {
            for (var dots : StrokeFont.strokes(letter)) {
                var lift = hand.nextGaussian() * 0.3;
                var path = new ArrayList<double[]>();
                for (var dot : dots) {
                    path.add(new double[] {
                        at + (dot.x() + 0.25 * (6 - dot.y()) * 0.5) * unit, y + (dot.y() - 6 + lift) * unit
                    });
                }
                stroke(rounded(path), Stroke.Tool.PEN);
            }
            at += StrokeFont.ADVANCE * unit * (letter == ' ' ? 0.75 : 1);
        }
        return this;
    }

    Drawing drawing() {
        return new Drawing(width, height, strokes);
    }

    /** Corners cut twice (Chaikin), as a moving hand does. */
    private static List<double[]> rounded(List<double[]> path) {
        var smooth = path;
        for (var round = 0; round < 2 && path.size() > 2; round++) {
            var next = new ArrayList<double[]>();
            next.add(smooth.getFirst());
            for (var i = 0; i + 1 < smooth.size(); i++) {
                var a = smooth.get(i);
                var b = smooth.get(i + 1);
                next.add(new double[] {0.75 * a[0] + 0.25 * b[0], 0.75 * a[1] + 0.25 * b[1]});
                next.add(new double[] {0.25 * a[0] + 0.75 * b[0], 0.25 * a[1] + 0.75 * b[1]});
            }
            next.add(smooth.getLast());
            smooth = next;
        }
        return smooth;
    }

    private Pen stroke(List<double[]> path, Stroke.Tool tool) {
        var points = new ArrayList<InkPoint>();
        var driftX = 0.0;
        var driftY = 0.0;
        for (var i = 0; i < path.size(); i++) {
            driftX = 0.9 * driftX + 0.25 * hand.nextGaussian();
            driftY = 0.9 * driftY + 0.25 * hand.nextGaussian();
            var ends = Math.min(i, path.size() - 1 - i);
            var pressure = Math.clamp(0.35 + 0.08 * ends + 0.05 * hand.nextGaussian(), 0.15, 0.85);
            points.add(new InkPoint(path.get(i)[0] + driftX, path.get(i)[1] + driftY, pressure, i * SAMPLE_MILLIS));
        }
        strokes.add(new Stroke(
                tool,
                tool == Stroke.Tool.HIGHLIGHTER ? "#FFD27A" : colour,
                tool == Stroke.Tool.HIGHLIGHTER ? 22 : thickness,
                points));
        return this;
    }
}
