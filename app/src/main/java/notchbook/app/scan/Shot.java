package notchbook.app.scan;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.Recipe;

/**
 * A photo on the bench with the page that was made of it. {@code pageKey} is the same for photos of the same page;
 * {@code leftOut} and {@code position} are the student's own word.
 */
record Shot(
        UUID id,
        UUID scanId,
        UUID photoId,
        Optional<UUID> pictureId,
        Instant arrivedAt,
        OptionalInt position,
        Optional<Boolean> leftOut,
        ShotState state,
        Optional<Recipe> recipe,
        Optional<Judgement> judgement,
        UUID pageKey,
        String name,
        String gist) {

    static Shot arrived(UUID id, UUID scanId, UUID photoId, Instant at) {
        return new Shot(
                id,
                scanId,
                photoId,
                Optional.empty(),
                at,
                OptionalInt.empty(),
                Optional.empty(),
                ShotState.WAITING,
                Optional.empty(),
                Optional.empty(),
                id,
                "",
                "");
    }
}
