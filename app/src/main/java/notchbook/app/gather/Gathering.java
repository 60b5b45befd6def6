package notchbook.app.gather;

import java.util.List;
import java.util.UUID;
import notchbook.app.platform.MadeState;

/**
 * A file that is taken into a collection: how far that is (from 0 to 1), how many things came of it, how many were in there already, and
 * how many were left out. {@code words} say why it failed.
 */
record Gathering(
        UUID id,
        UUID collectionId,
        UUID ownerId,
        UUID mediaId,
        List<ColumnBody> columns,
        MadeState state,
        double share,
        int added,
        int merged,
        int leftOut,
        String words) {

    static Gathering wanted(UUID id, UUID collectionId, UUID ownerId, UUID mediaId, List<ColumnBody> columns) {
        return new Gathering(id, collectionId, ownerId, mediaId, columns, MadeState.WAITING, 0, 0, 0, 0, "");
    }
}
