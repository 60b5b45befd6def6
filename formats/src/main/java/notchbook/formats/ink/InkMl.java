package notchbook.formats.ink;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;

/**
 * Writes a drawing as InkML (W3C Recommendation, 2011): a brush for each pen, traces of X and Y in px, F (force) from 0 to 1,
 * T in ms since the stroke began, and OE (the pen's elevation) in degrees, 90 upright. After its first point a trace tells differences, which are shorter.
 */
public final class InkMl {
    /** The element in which a drawing's own size is kept; other programs pass it over. */
    static final String SIZE = "notchbook.size";

    private InkMl() {}

    /** What a pen is to InkML. */
    private record Brush(Tool tool, String colour, double width) {
        static Brush of(Stroke stroke) {
            return new Brush(stroke.tool(), stroke.colour(), stroke.width());
        }

        String xml(String id) {
            var isMarker = tool == Tool.HIGHLIGHTER;
            return """
                    <brush xml:id="%s">
                    <brushProperty name="color" value="%s"/>
                    <brushProperty name="width" value="%s" units="px"/>
                    <brushProperty name="transparency" value="%s"/>
                    <brushProperty name="tip" value="%s"/>
                    <brushProperty name="rasterOp" value="%s"/>
                    </brush>""".formatted(
                            id,
                            colour,
                            number(width),
                            isMarker ? "0.6" : "0",
                            isMarker ? "rectangle" : "ellipse",
                            isMarker ? "maskPen" : "copyPen");
        }
    }

    public static String write(Drawing drawing) {
        Map<Brush, String> brushes = new LinkedHashMap<>();
        drawing.strokes().forEach(stroke -> brushes.computeIfAbsent(Brush.of(stroke), brush -> "b" + brushes.size()));
        return """
                <?xml version="1.0" encoding="UTF-8"?>
                <ink xmlns="http://www.w3.org/2003/InkML">
                <annotation type="%s">%d %d</annotation>
                <definitions>
                <context xml:id="page"><inkSource xml:id="pen"><traceFormat>
                <channel name="X" type="decimal" units="px"/>
                <channel name="Y" type="decimal" units="px"/>
                <channel name="F" type="decimal" min="0" max="1"/>
                <channel name="T" type="integer" units="ms"/>
                <channel name="OE" type="decimal" units="deg"/>
                </traceFormat></inkSource></context>
                %s
                </definitions>
                %s
                </ink>
                """.formatted(
                        SIZE,
                        drawing.width(),
                        drawing.height(),
                        brushes.entrySet().stream()
                                .map(one -> one.getKey().xml(one.getValue()))
                                .collect(joining("\n")),
                        drawing.strokes().stream()
                                .map(stroke -> trace(stroke, brushes.get(Brush.of(stroke))))
                                .collect(joining("\n")));
    }

    private static String trace(Stroke stroke, String brush) {
        var points = new ArrayList<String>();
        List<Long> before = List.of();
        for (var point : stroke.points()) {
            var now = hundredths(point);
            points.add(before.isEmpty() ? first(now) : differences(before, now, points.size() == 1));
            before = now;
        }
        return "<trace contextRef=\"#page\" brushRef=\"#" + brush + "\">" + String.join(", ", points) + "</trace>";
    }

    /** In hundredths, so that sums of differences stay exact. */
    private static List<Long> hundredths(InkPoint point) {
        return List.of(
                Math.round(100 * point.x()),
                Math.round(100 * point.y()),
                Math.round(100 * point.pressure()),
                100L * point.millis(),
                Math.round(100 * (TraceFormat.UPRIGHT - point.tilt())));
    }

    private static String first(List<Long> point) {
        return point.stream().map(value -> number(value / 100.0)).collect(joining(" "));
    }

    /** The sign of a difference holds until another sign comes. */
    private static String differences(List<Long> before, List<Long> now, boolean isFirst) {
        var parts = new ArrayList<String>();
        for (var i = 0; i < now.size(); i++) {
            parts.add((isFirst ? "'" : "") + number((now.get(i) - before.get(i)) / 100.0));
        }
        return String.join(" ", parts);
    }

    private static String number(double value) {
        var written = String.format(Locale.ROOT, "%.2f", value);
        return written.replaceFirst("\\.?0+$", "").replaceFirst("^-0$", "0");
    }
}
