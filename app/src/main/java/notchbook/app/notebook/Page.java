package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.UUID;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;

/** A dated sheet in a section. */
public record Page(UUID id, UUID sectionId, String title, LocalDate day, int position, Pattern pattern, Paper paper) {}
