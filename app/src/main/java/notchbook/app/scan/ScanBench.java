package notchbook.app.scan;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * A bench: for a zone of a page, or for a photo entry whose set is worked on again. {@code name} becomes the caption of
 * the entry.
 */
record ScanBench(
        UUID id, UUID ownerId, UUID pageId, String zone, Optional<UUID> entryId, String name, Instant createdAt) {}
