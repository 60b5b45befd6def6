package notchbook.core.paper;

import java.util.Optional;
import java.util.UUID;

/** A paper of a notebook's list, done or not. */
public record PastPaper(UUID id, PaperName name, Optional<PaperDone> done) {}
