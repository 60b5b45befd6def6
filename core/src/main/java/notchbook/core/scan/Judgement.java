package notchbook.core.scan;

import java.util.ArrayList;
import java.util.List;

/**
 * What was measured of a scanned page. {@code cornerSureness} and {@code sharpness} run from 0 to 1; {@code glare} is the
 * share of the page on which light is reflected so strongly that nothing can be read; {@code brightness} is how bright its
 * paper is, from 0 to 1.
 */
public record Judgement(double cornerSureness, double sharpness, double glare, double brightness) {
    /** Below this a found page is a guess that somebody should look at. */
    public static final double SURE_CORNERS = 0.5;

    /** Below this, letters of a page of print run together. */
    private static final double SHARP = 0.35;

    /** A spot as large as a word of ten letters on a page of A4. */
    private static final double MOST_GLARE = 0.004;

    private static final double DARK = 0.22;

    /** From 0 to 1: which of two photos of one page is the better. */
    public double quality() {
        return Math.clamp(sharpness * (0.5 + 0.5 * cornerSureness) * (1 - Math.min(1, 50 * glare)), 0, 1);
    }

    /** What should be seen to, the worst first, each as a sentence that says what to do; empty for a good photo. */
    public List<String> advice() {
        var advice = new ArrayList<String>();
        if (cornerSureness < SURE_CORNERS) {
            advice.add("Edges hard to see. Drag the corners, or take it again on a darker desk.");
        }
        if (sharpness < SHARP) {
            advice.add("Blurred. Hold still and take it again.");
        }
        if (glare > MOST_GLARE) {
            advice.add("A lamp is mirrored in it. Move the lamp or the page and take it again.");
        }
        if (brightness < DARK) {
            advice.add("Very dark. Take it again with more light.");
        }
        return advice;
    }
}
