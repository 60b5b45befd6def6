package notchbook.browser;

import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import org.teavm.jso.JSExport;

/** What the front end imports; described for TypeScript in {@code web/src/core/ink.d.ts}. */
public final class InkRules {
    /** The rules are about places; colours stay with the front end. */
    private static final String ANY = "#000000";

    private InkRules() {}

    /** A stroke of five numbers for each sample: x, y, pressure, ms, tilt. */
    @JSExport
    public static LiveStroke stroke(boolean isHighlighter, double width, double[] samples) {
        var tool = isHighlighter ? Tool.HIGHLIGHTER : Tool.PEN;
        return new LiveStroke(new Stroke(tool, ANY, width, Samples.points(samples)));
    }

    /** How wide and how high words of a size are, in units. */
    @JSExport
    public static double[] room(double size, String words) {
        var lettering = new Lettering(new Place(0, 0), size, ANY, words);
        return new double[] {lettering.width(), lettering.height()};
    }
}
