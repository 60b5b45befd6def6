package notchbook.imaging.scan;

import notchbook.core.scan.Quad;

/** Where the page lies in a photo, and how sure that is: from 0 (a guess) to 1. Below {@link #SURE} somebody should look. */
public record FoundPage(Quad quad, double sureness) {
    public static final double SURE = 0.5;

    public boolean isSure() {
        return sureness >= SURE;
    }
}
