package notchbook.app.bag;

import java.util.Optional;
import java.util.UUID;

/** Whose work it is about: all of a person's, or one notebook of theirs. */
record Whose(UUID person, Optional<UUID> notebook) {
    static Whose all(UUID person) {
        return new Whose(person, Optional.empty());
    }
}
