package notchbook.core.reflection;

import java.util.List;
import java.util.UUID;

/** The piece of work that is looked back on: entries, a whole page, or a sealed version. */
public sealed interface LookedAt {
    record OfEntries(List<UUID> entries) implements LookedAt {
        private static final int MOST = 100;

        public OfEntries {
            entries = entries.stream().distinct().toList();
            if (entries.isEmpty() || entries.size() > MOST) {
                throw new IllegalArgumentException("Look back on 1 to 100 entries at once.");
            }
        }
    }

    record OfPage(UUID page) implements LookedAt {}

    record OfVersion(UUID version) implements LookedAt {}
}
