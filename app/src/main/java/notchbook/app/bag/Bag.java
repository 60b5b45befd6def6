package notchbook.app.bag;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeState;

/** A bag on its way out: how far it is made (0 to 1), its size in bytes once it is ready, and why it failed if it did. */
record Bag(
        UUID id,
        UUID ownerId,
        Optional<UUID> notebookId,
        MadeState state,
        double share,
        long bytes,
        String words,
        Instant wantedAt) {

    Whose whose() {
        return new Whose(ownerId, notebookId);
    }
}
