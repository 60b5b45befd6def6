package notchbook.app.notebook;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** A part of a notebook; {@code topics} are the syllabus nodes that it is about. */
public record Section(UUID id, UUID notebookId, Optional<UUID> parent, String title, int position, Set<UUID> topics) {}
