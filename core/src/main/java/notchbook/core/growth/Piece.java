package notchbook.core.growth;

import java.util.Optional;
import notchbook.core.coverage.Evidence;

/**
 * A piece of work with what is known of it alone: which share of it is in the student's own words (0 to 1; empty where no source lies
 * beside it), and how many remarks were given on it and answered.
 */
public record Piece(Evidence work, Optional<Double> ownShare, int remarks, int answered) {
    public Piece {
        if (answered > remarks) {
            throw new IllegalArgumentException("No more remarks can be answered than were given.");
        }
    }
}
