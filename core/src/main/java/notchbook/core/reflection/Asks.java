package notchbook.core.reflection;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** What a prompt asks for beside words, and what is given as it; blank where it was not given yet. */
public enum Asks {
    WORDS {
        @Override
        boolean takes(String given) {
            return false;
        }
    },
    /** A piece of work that is drawn into the answer. */
    PIECE {
        @Override
        boolean takes(String given) {
            return false;
        }
    },
    /** A topic of the syllabus, by its id. */
    TOPIC {
        @Override
        boolean takes(String given) {
            return parsed(given, UUID::fromString).isPresent();
        }
    },
    /** A number as it is written down, such as 343 or 0.28. */
    NUMBER {
        @Override
        boolean takes(String given) {
            return given.matches("-?\\d{1,12}([.,]\\d{1,6})?");
        }
    },
    /** How sure one is, 1 to 4. */
    RATING {
        @Override
        boolean takes(String given) {
            return given.matches("[1-4]");
        }
    };

    abstract boolean takes(String given);

    /** Whether this can be given here; nothing always can. */
    boolean canBe(String given) {
        return given.isEmpty() || takes(given);
    }

    private static <T> Optional<T> parsed(String given, Function<String, T> reader) {
        try {
            return Optional.of(reader.apply(given));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }
}
