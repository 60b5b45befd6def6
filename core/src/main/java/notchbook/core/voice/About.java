package notchbook.core.voice;

import java.util.Optional;
import java.util.UUID;

/** What a recording explains: an entry (or the page itself) by its id, or one thing that is drawn on it. */
public record About(UUID entry, Optional<UUID> thing) {}
