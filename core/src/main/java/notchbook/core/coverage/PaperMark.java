package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.UUID;

/** Marks earned on one topic in a past paper. */
public record PaperMark(UUID topic, LocalDate day, double marks, double outOf) {
    public PaperMark {
        if (!(outOf > 0) || !(marks >= 0) || marks > outOf) {
            throw new IllegalArgumentException("A paper mark of " + marks + " out of " + outOf + " can't be.");
        }
    }

    /** The share of the marks that was earned, from 0 to 1. */
    public double share() {
        return marks / outOf;
    }
}
