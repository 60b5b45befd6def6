package notchbook.core.reflection;

import static java.util.Comparator.comparing;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;

/** What the sheet of a week says to do next; blank where it says nothing (docs/rules.md, Intentions). */
public record Intention(LocalDate monday, String words) {
    public static final int LONGEST = 500;

    public Intention {
        words = words.strip();
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException("Say what you mean to do in up to 500 characters.");
        }
    }

    /**
     * What the sheet of a week asks about: the intention of the last sheet that was written before it, however many weeks ago. Where
     * that sheet meant nothing, nothing is asked; an older intention was asked about there.
     */
    public static Optional<Intention> askedIn(LocalDate monday, Collection<Intention> ofWrittenSheets) {
        return ofWrittenSheets.stream()
                .filter(one -> one.monday().isBefore(monday))
                .max(comparing(Intention::monday))
                .filter(one -> !one.words().isEmpty());
    }
}
