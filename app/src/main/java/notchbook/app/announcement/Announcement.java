package notchbook.app.announcement;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A word of a teacher to a class, or to those alone who are named; {@code setWork} is what it is about, where it is about something that was
 * set.
 */
record Announcement(
        UUID id,
        UUID classId,
        UUID by,
        String words,
        Optional<UUID> setWork,
        Optional<Set<UUID>> onlyFor,
        Instant saidAt) {
    private static final int LONGEST = 2_000;

    Announcement {
        words = words.strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            throw new IllegalArgumentException("Say it in 1 to 2,000 letters.");
        }
    }

    boolean isFor(UUID person) {
        return onlyFor.map(some -> some.contains(person)).orElse(true);
    }

    boolean saysTheSame(Announcement other) {
        return words.equals(other.words) && setWork.equals(other.setWork);
    }
}
