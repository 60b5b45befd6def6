package notchbook.formats.ink;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import notchbook.core.ink.Drawing;

/** A drawing as SVG: every stroke a filled path with the width that the pressure gave it. */
public final class DrawingSvg {
    private DrawingSvg() {}

    /** An {@code svg} element that fits the width it is given; {@code title} is read out in its place. */
    public static String write(Drawing drawing, String title) {
        var paths = drawing.strokes().stream().map(StrokeSvg::write).collect(joining("\n"));
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" width="%d" height="%d"><title>%s</title>
                %s
                </svg>""".formatted(
                        drawing.width(), drawing.height(), drawing.width(), drawing.height(), escaped(title), paths);
    }
}
