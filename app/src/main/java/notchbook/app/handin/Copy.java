package notchbook.app.handin;

import java.util.UUID;

/** A picture or sound as it goes along with a version: as it is, or as its smaller copy. */
record Copy(UUID mediaId, boolean isSmall) {}
