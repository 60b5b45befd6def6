package notchbook.core.remark;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.version.Span;

/** What a remark is about: all of a version, an entry, words in a text, a spot of a picture or a moment of a sound. */
public sealed interface Anchor {
    /** The entry that it is about; none where it is about all. */
    Optional<UUID> on();

    record Whole() implements Anchor {
        @Override
        public Optional<UUID> on() {
            return Optional.empty();
        }
    }

    record OnEntry(UUID entry) implements Anchor {
        @Override
        public Optional<UUID> on() {
            return Optional.of(entry);
        }
    }

    /** Words by their place in the text of an entry, and as they stood there. */
    record OnWords(UUID entry, Span span, String quote) implements Anchor {
        private static final int LONGEST_QUOTE = 1_000;

        public OnWords {
            require(span.length() > 0 && !quote.isBlank(), "Choose the words first.");
            require(quote.length() <= LONGEST_QUOTE, "Choose fewer words; up to 1,000 characters can be remarked on.");
        }

        @Override
        public Optional<UUID> on() {
            return Optional.of(entry);
        }
    }

    /** A spot of a picture of an entry (the pictures of a set counted from 0), by shares of its width and height. */
    record OnSpot(UUID entry, int picture, double x, double y) implements Anchor {
        public OnSpot {
            require(picture >= 0 && isShare(x) && isShare(y), "A spot lies on its picture.");
        }

        @Override
        public Optional<UUID> on() {
            return Optional.of(entry);
        }
    }

    /** A moment of a recording or clip, in ms of its sound. */
    record OnMoment(UUID entry, long atMillis) implements Anchor {
        public OnMoment {
            require(atMillis >= 0, "A moment can't lie before the start of its sound.");
        }

        @Override
        public Optional<UUID> on() {
            return Optional.of(entry);
        }
    }

    private static boolean isShare(double number) {
        return number >= 0 && number <= 1;
    }

    private static void require(boolean holds, String message) {
        if (!holds) {
            throw new IllegalArgumentException(message);
        }
    }
}
