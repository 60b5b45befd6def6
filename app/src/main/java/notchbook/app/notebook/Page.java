package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.UUID;

/** A dated sheet in a section. */
public record Page(UUID id, UUID sectionId, String title, LocalDate day, int position) {}
