package notchbook.app.paper;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.paper.PastPaper;

/** A paper with the board's file of it and the student's marked script, as far as they are there. */
record KeptPaper(PastPaper paper, Optional<UUID> paperFile, Optional<UUID> scriptFile) {}
