package notchbook.core.mark;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** A sign that a student sets on an entry, or on a passage of its text (docs/rules.md, Words we use). */
public sealed interface Mark {
    UUID id();

    /** The passage it stands on; none for the whole entry. */
    Optional<UUID> passage();

    Instant madeAt();

    /** Whether something is still to be done about it. */
    default boolean isOpen() {
        return false;
    }

    /** Worth remembering. */
    record Key(UUID id, Optional<UUID> passage, Instant madeAt) implements Mark {}

    /** Open until an answer is tied to it. */
    record OpenQuestion(UUID id, Optional<UUID> passage, Instant madeAt, Optional<Answer> answer) implements Mark {
        @Override
        public boolean isOpen() {
            return answer.isEmpty();
        }
    }

    record Task(UUID id, Optional<UUID> passage, Instant madeAt, boolean isDone, Optional<LocalDate> due)
            implements Mark {
        @Override
        public boolean isOpen() {
            return !isDone;
        }
    }

    /** A mark of the student's own making. */
    record Own(UUID id, Optional<UUID> passage, Instant madeAt, UUID kind) implements Mark {}

    /** What answers an open question. */
    sealed interface Answer {}

    record AnsweringEntry(UUID entry) implements Answer {}

    record AnsweringWords(String words) implements Answer {
        private static final int LONGEST = 500;

        public AnsweringWords {
            if (words.isBlank() || words.length() > LONGEST) {
                throw new IllegalArgumentException(
                        "An answer has up to 500 characters. Tie a longer one to it as an entry.");
            }
        }
    }
}
