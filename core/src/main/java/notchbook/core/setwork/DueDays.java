package notchbook.core.setwork;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;

/** The day by which something is due, and a later one for single students, of which the others learn nothing. */
public record DueDays(LocalDate forAll, Map<UUID, LocalDate> longer) {
    public DueDays {
        longer = Map.copyOf(longer);
        if (longer.values().stream().anyMatch(day -> !day.isAfter(forAll))) {
            throw new IllegalArgumentException("Longer means a later day than the one for all.");
        }
    }

    /** The same day for everybody. */
    public static DueDays on(LocalDate day) {
        return new DueDays(day, Map.of());
    }

    public LocalDate of(UUID student) {
        return longer.getOrDefault(student, forAll);
    }
}
