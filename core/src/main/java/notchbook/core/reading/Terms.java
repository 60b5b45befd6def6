package notchbook.core.reading;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** On what terms a link lets somebody read (docs/rules.md, Links for readers). */
public record Terms(
        Instant madeAt,
        Instant until,
        boolean hasWord,
        boolean mayAnswer,
        Optional<Instant> takenBackAt,
        Consent consent) {
    public static final Duration LONGEST = Duration.ofDays(90);

    public Terms {
        if (!until.isAfter(madeAt) || until.isAfter(madeAt.plus(LONGEST))) {
            throw new IllegalArgumentException("A link is open for 1 to 90 days.");
        }
    }

    /** Whether whoever has the link gets in at an instant; {@code knowsWord} says whether they have given its word. */
    public Admission admits(Instant at, boolean knowsWord) {
        if (!at.isBefore(until) || takenBackAt.isPresent() || consent == Consent.REFUSED) {
            return Admission.OVER;
        }
        if (consent == Consent.WAITING) {
            return Admission.NOT_YET;
        }
        return hasWord && !knowsWord ? Admission.ASKS_FOR_WORD : Admission.IN;
    }

    public boolean isOpen(Instant at) {
        return admits(at, true) == Admission.IN;
    }

    /** Whether it will never open again. */
    public boolean isOver(Instant at) {
        return admits(at, true) == Admission.OVER;
    }

    /** Whether there is something to say yes or no to. */
    public boolean isWaiting(Instant at) {
        return admits(at, true) == Admission.NOT_YET;
    }
}
