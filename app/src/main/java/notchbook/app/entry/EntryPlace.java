package notchbook.app.entry;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.notebook.Patterns;

/**
 * Where an entry stands: the zone it was made for, which the page's pattern may not have, and the passage or entry that
 * it was written beside.
 */
public record EntryPlace(UUID pageId, String zone, Optional<UUID> beside, EntryWidth width) {
    private static final int LONGEST_ZONE = 40;

    public EntryPlace {
        if (zone.length() > LONGEST_ZONE) {
            throw new IllegalArgumentException("A zone can't be known as \"" + zone + "\".");
        }
    }

    /** In the middle of a page. */
    public static EntryPlace on(UUID pageId, EntryWidth width) {
        return new EntryPlace(pageId, Patterns.FREE.home().key(), Optional.empty(), width);
    }
}
