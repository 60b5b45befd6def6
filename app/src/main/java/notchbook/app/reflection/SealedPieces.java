package notchbook.app.reflection;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;

/** Versions that a student handed in, as pieces to look back on; they lie in a room that builds on this one. */
public interface SealedPieces {
    /** A version with what it is called, the notebook that it came from and its entries. */
    record SealedPiece(String title, UUID notebookId, Set<UUID> entries) {}

    /** A version that the person sent, from a notebook of their own. */
    Optional<SealedPiece> find(Person person, UUID version);
}
