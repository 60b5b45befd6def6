package notchbook.formats.ink;

import static java.util.stream.Collectors.joining;

import java.util.Locale;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.Outline;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;

/** A drawing as SVG: every stroke a filled path with the width that the pressure gave it. */
public final class DrawingSvg {
    private DrawingSvg() {}

    /** An {@code svg} element that fits the width it is given; {@code title} is read out in its place. */
    public static String write(Drawing drawing, String title) {
        var paths = drawing.strokes().stream().map(DrawingSvg::path).collect(joining("\n"));
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" width="%d" height="%d"><title>%s</title>
                %s
                </svg>""".formatted(
                        drawing.width(), drawing.height(), drawing.width(), drawing.height(), escaped(title), paths);
    }

    private static String path(Stroke stroke) {
        var corners = Outline.of(stroke).corners().stream()
                .map(corner -> String.format(Locale.ROOT, "%.1f %.1f", corner.x(), corner.y()))
                .collect(joining("L", "M", "Z"));
        var opacity = stroke.tool() == Tool.HIGHLIGHTER ? " fill-opacity=\"0.4\"" : "";
        return "<path d=\"" + corners + "\" fill=\"" + stroke.colour() + "\"" + opacity + "/>";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
