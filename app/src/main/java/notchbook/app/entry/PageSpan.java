package notchbook.app.entry;

import java.time.Instant;
import java.util.UUID;

/** How many entries of some kinds a page has, and when the first and the last of them were made. */
record PageSpan(UUID pageId, int count, Instant first, Instant last) {}
