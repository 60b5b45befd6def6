package notchbook.app.handin;

import java.time.Instant;
import java.util.UUID;

/** The teacher's note on an entry of a sealed version, numbered from 1 in the order they were made. */
public record Remark(
        UUID id, UUID handInId, UUID pageId, UUID entryId, int number, UUID authorId, String words, Instant at) {}
