package notchbook.app.entry;

import java.util.Collection;
import java.util.Set;
import java.util.UUID;

/** A room whose entries are no work for the syllabus by themselves, so that nobody is asked to notch them. */
public interface NeedsNoNotch {
    /** Those of these entries that need none. */
    Set<UUID> among(Collection<UUID> entries);
}
