package notchbook.app.handin;

import java.util.Optional;
import java.util.UUID;

/** Whom a hand-in is for: the teachers of a class, for set work or unasked. */
public record Addressed(UUID classId, Optional<UUID> setWorkId) {}
