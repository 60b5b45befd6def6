package notchbook.app.pattern;

import java.util.UUID;
import notchbook.core.notebook.Pattern;

/** A pattern that a student made. */
record OwnPattern(UUID id, Pattern pattern) {}
