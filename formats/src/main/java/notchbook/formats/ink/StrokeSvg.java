package notchbook.formats.ink;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Locale;
import notchbook.core.ink.Outline;
import notchbook.core.ink.Outline.Corner;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;

/** A stroke as an SVG {@code path}: its outline filled, with the width that pressure and tilt gave it. */
public final class StrokeSvg {
    private StrokeSvg() {}

    public static String write(Stroke stroke) {
        var rings = Outline.of(stroke).rings().stream().map(StrokeSvg::ring).collect(joining());
        var opacity = stroke.tool() == Tool.HIGHLIGHTER ? " fill-opacity=\"0.4\"" : "";
        return "<path d=\"" + rings + "\" fill=\"" + stroke.colour() + "\"" + opacity + "/>";
    }

    /** Curves from the middle of each side to the middle of the next, so that no corner of the outline is seen. */
    private static String ring(List<Corner> ring) {
        var curves = new StringBuilder("M").append(place(middle(ring.getLast(), ring.getFirst())));
        for (var i = 0; i < ring.size(); i++) {
            var next = ring.get((i + 1) % ring.size());
            curves.append("Q").append(place(ring.get(i))).append(" ").append(place(middle(ring.get(i), next)));
        }
        return curves.append("Z").toString();
    }

    private static Corner middle(Corner a, Corner b) {
        return new Corner((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
    }

    private static String place(Corner corner) {
        return String.format(Locale.ROOT, "%.1f %.1f", corner.x(), corner.y());
    }
}
