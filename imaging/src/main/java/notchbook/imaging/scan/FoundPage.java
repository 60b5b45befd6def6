package notchbook.imaging.scan;

import notchbook.core.scan.Judgement;
import notchbook.core.scan.Quad;

/** Where the page lies in a photo, and how sure that is: from 0 (a guess) to 1. */
public record FoundPage(Quad quad, double sureness) {
    public boolean isSure() {
        return sureness >= Judgement.SURE_CORNERS;
    }
}
