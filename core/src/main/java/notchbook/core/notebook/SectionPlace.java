package notchbook.core.notebook;

import java.util.Optional;
import java.util.UUID;

/** Where a section stands: below which section (none at the top), and as which of its siblings, from 0. */
public record SectionPlace(UUID id, Optional<UUID> parent, int position) {}
