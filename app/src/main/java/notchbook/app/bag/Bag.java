package notchbook.app.bag;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** A bag on its way out: how far it is made (0 to 1), its size in bytes once it is ready, and why it failed if it did. */
record Bag(
        UUID id,
        UUID ownerId,
        Optional<UUID> notebookId,
        State state,
        double share,
        long bytes,
        String words,
        Instant wantedAt) {

    enum State {
        WAITING,
        READY,
        FAILED
    }

    Whose whose() {
        return new Whose(ownerId, notebookId);
    }
}
