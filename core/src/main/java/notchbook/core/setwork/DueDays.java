package notchbook.core.setwork;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;

/** When something is due, and a later day for single students, of which the others learn nothing; the hour is the same. */
public record DueDays(Due forAll, Map<UUID, LocalDate> longer) {
    public DueDays {
        longer = Map.copyOf(longer);
        if (longer.values().stream().anyMatch(day -> !day.isAfter(forAll.day()))) {
            throw new IllegalArgumentException("Longer means a later day than the one for all.");
        }
    }

    /** The same day for everybody. */
    public static DueDays on(LocalDate day) {
        return new DueDays(Due.on(day), Map.of());
    }

    public Due of(UUID student) {
        return new Due(longer.getOrDefault(student, forAll.day()), forAll.hour());
    }
}
