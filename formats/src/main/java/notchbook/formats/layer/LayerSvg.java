package notchbook.formats.layer;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.Locale;
import java.util.stream.Collectors;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;
import notchbook.formats.ink.StrokeSvg;

/**
 * A layer as SVG elements in its own units, the lowest thing first; to be laid over the picture. The same look that
 * {@code ThingView} gives it on the screen.
 */
public final class LayerSvg {
    // In units: the radius of a spot, the width of frames and pointers, the room around framed words.
    private static final int SPOT = 13;

    private static final String WHITE = "#FFFFFF";
    private static final String INK = "#17262D";
    private static final int FRAME = 2;
    private static final int ROOM = 5;

    /** From the top of a line to the feet of its letters, in sizes. */
    private static final double FEET = 0.95;

    private LayerSvg() {}

    public static String write(Layer layer) {
        return layer.things().stream().map(LayerSvg::thing).collect(joining("\n"));
    }

    /** One thing as SVG elements. */
    public static String thing(Thing thing) {
        return switch (thing) {
            case Thing.Ink ink -> StrokeSvg.write(ink.stroke());
            case Thing.Label label -> words(label.lettering());
            case Thing.Callout callout -> pointer(callout) + frame(callout.lettering()) + words(callout.lettering());
            case Thing.Box box ->
                svg(
                        "<rect x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\" rx=\"3\" fill=\"none\" stroke=\"%s\" stroke-width=\"3\"/>",
                        box.topLeft().x(),
                        box.topLeft().y(),
                        box.bottomRight().x() - box.topLeft().x(),
                        box.bottomRight().y() - box.topLeft().y(),
                        box.colour());
            case Thing.Spot spot -> spot(spot);
        };
    }

    private static String pointer(Thing.Callout callout) {
        var words = callout.lettering();
        return svg(
                "<line x1=\"%.1f\" y1=\"%.1f\" x2=\"%.1f\" y2=\"%.1f\" stroke=\"%s\" stroke-width=\"%d\"/><circle cx=\"%3$.1f\" cy=\"%4$.1f\" r=\"4\" fill=\"%5$s\"/>",
                words.at().x() + words.width() / 2,
                words.at().y() + words.height() / 2,
                callout.tip().x(),
                callout.tip().y(),
                words.colour(),
                FRAME);
    }

    private static String frame(Lettering words) {
        return svg(
                "<rect x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\" rx=\"4\" fill=\"%s\" stroke=\"%s\" stroke-width=\"%d\"/>",
                words.at().x() - ROOM,
                words.at().y() - ROOM,
                words.width() + 2 * ROOM,
                words.height() + 2 * ROOM,
                words.colour().equalsIgnoreCase(WHITE) ? INK : WHITE,
                words.colour(),
                FRAME);
    }

    private static String words(Lettering words) {
        var top = words.at().y();
        var lines = new StringBuilder();
        for (var line : words.lines()) {
            lines.append(svg(
                    "<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.1f\" fill=\"%s\">%s</text>",
                    words.at().x(), top + FEET * words.size(), words.size(), words.colour(), escaped(line)));
            top += Lettering.LINE * words.size();
        }
        return lines.toString();
    }

    private static String spot(Thing.Spot spot) {
        Place at = spot.at();
        return svg(
                "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%d\" fill=\"#17262D\" stroke=\"#FFFFFF\" stroke-width=\"2\"/><text x=\"%1$.1f\" y=\"%.1f\" font-size=\"15\" text-anchor=\"middle\" fill=\"#FFFFFF\">%d</text>",
                at.x(), at.y(), SPOT, at.y() + 5, spot.number());
    }

    /** What the spots say, one line each, to stand below the picture: a printed one can't be pointed at. */
    public static String spotWords(Layer layer) {
        return layer.spots()
                .filter(spot -> !spot.words().isBlank())
                .map(spot -> spot.number() + "  " + spot.words())
                .collect(Collectors.joining("\n"));
    }

    private static String svg(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
