package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.UUID;

/** How sure a student feels about a topic, from 1 (not at all) to 4 (sure). */
public record Rating(UUID topic, LocalDate day, int value) {
    public Rating {
        if (value < 1 || value > 4) {
            throw new IllegalArgumentException("An own rating lies between 1 and 4, not at " + value + ".");
        }
    }
}
