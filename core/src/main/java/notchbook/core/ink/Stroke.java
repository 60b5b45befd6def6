package notchbook.core.ink;

import java.util.List;

/** One line of the pen or the highlighter: colour as #RRGGBB, width in px at full pressure, samples in order of time. */
public record Stroke(Tool tool, String colour, double width, List<InkPoint> points) {
    /** The widest stroke that a tool offers, with room for pens to come. */
    private static final double WIDEST = 80;

    public enum Tool {
        PEN,
        HIGHLIGHTER
    }

    public Stroke {
        points = List.copyOf(points);
        if (points.isEmpty()) {
            throw new IllegalArgumentException("A stroke has at least one point.");
        }
        if (!colour.matches("#[0-9A-Fa-f]{6}")) {
            throw new IllegalArgumentException("An ink colour is written #RRGGBB, not \"" + colour + "\".");
        }
        if (!(width > 0 && width <= WIDEST)) {
            throw new IllegalArgumentException("An ink width lies between 0 and 80 px, not at " + width + ".");
        }
    }

    /** The width of the line at a point, in px: a pen follows the pressure, a highlighter keeps its width. */
    double widthAt(InkPoint point) {
        return tool == Tool.HIGHLIGHTER ? width : width * (0.4 + 0.6 * point.pressure());
    }
}
