package notchbook.core.ink;

import java.util.List;
import java.util.OptionalLong;

/**
 * One line of the pen or the highlighter: colour as #RRGGBB, width in px at full pressure, samples in order of time, and when
 * it was begun, in ms since 1970, where that is known.
 */
public record Stroke(Tool tool, String colour, double width, List<InkPoint> points, OptionalLong madeAt) {
    /** The widest stroke that a tool offers, with room for one that was made larger. */
    private static final double WIDEST = 80;

    /** A finer line than a screen can show; one that was made smaller again and again ends here. */
    private static final double FINEST = 0.1;

    /** A pen is held at up to this tilt when it writes, in degrees; beyond it draws with its side. */
    private static final double WRITING_TILT = 35;

    /** How much wider a pen draws that lies flat. */
    private static final double SIDE = 2.5;

    public enum Tool {
        PEN,
        HIGHLIGHTER
    }

    public Stroke {
        points = List.copyOf(points);
        if (points.isEmpty()) {
            throw new IllegalArgumentException("A stroke has at least one point.");
        }
        if (!isColour(colour)) {
            throw new IllegalArgumentException("An ink colour is written #RRGGBB, not \"" + colour + "\".");
        }
        if (!(width > 0 && width <= WIDEST)) {
            throw new IllegalArgumentException("An ink width lies between 0 and 80 px, not at " + width + ".");
        }
    }

    /** A stroke of which nobody knows when it was made. */
    public Stroke(Tool tool, String colour, double width, List<InkPoint> points) {
        this(tool, colour, width, points, OptionalLong.empty());
    }

    /** How long it took to draw, in ms. */
    public int millis() {
        return points.getLast().millis();
    }

    /** Whether this is a colour of ink: #RRGGBB. By hand, for it is asked of every stroke, in the browser too. */
    public static boolean isColour(String colour) {
        return colour.length() == 7
                && colour.charAt(0) == '#'
                && colour.chars().skip(1).allMatch(sign -> Character.digit(sign, 16) >= 0);
    }

    /** The same pen along other points. */
    public Stroke along(List<InkPoint> newPoints) {
        return new Stroke(tool, colour, width, newPoints, madeAt);
    }

    /** Made {@code factor} times as large around a place that stays, its width too. */
    public Stroke scaled(double x, double y, double factor) {
        return new Stroke(
                tool,
                colour,
                Math.clamp(width * factor, FINEST, WIDEST),
                points.stream()
                        .map(point -> point.at(x + factor * (point.x() - x), y + factor * (point.y() - y)))
                        .toList(),
                madeAt);
    }

    /** As it is kept: smoothed, and without the points that change nothing to see. */
    public Stroke settled() {
        return along(Simplifying.within(Smoothing.of(points), Simplifying.TOLERANCE));
    }

    /** Whether it lies, with its width, within {@code reach} px of a place. */
    public boolean isNear(double x, double y, double reach) {
        var far = reach + width / 2;
        return Bounds.of(points).isNear(x, y, far) && Plane.distance(x, y, points) <= far;
    }

    /** The width of the line at a point, in px: a pen follows pressure and tilt, a highlighter keeps its width. */
    double widthAt(InkPoint point) {
        return tool == Tool.HIGHLIGHTER ? width : width * (0.4 + 0.6 * point.pressure()) * broader(point.tilt());
    }

    /** The greatest width that it can have anywhere, in px. */
    double widest() {
        return tool == Tool.HIGHLIGHTER ? width : width * SIDE;
    }

    private static double broader(double tilt) {
        return tilt <= WRITING_TILT ? 1 : 1 + (SIDE - 1) * (tilt - WRITING_TILT) / (90 - WRITING_TILT);
    }
}
