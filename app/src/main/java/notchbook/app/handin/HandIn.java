package notchbook.app.handin;

import java.time.Instant;
import java.util.UUID;
import notchbook.core.handin.HandInState;
import notchbook.core.handin.Manifest;

/** A sealed version of a section with where it stands; {@code missing} counts the checks that it was sent in spite of. */
public record HandIn(
        UUID id,
        UUID setWorkId,
        UUID studentId,
        UUID sectionId,
        String title,
        int version,
        HandInState state,
        int missing,
        Instant sealedAt,
        Manifest manifest,
        String digest) {}
