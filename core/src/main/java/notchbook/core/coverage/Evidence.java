package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import notchbook.core.notebook.EvidenceKind;

/** A live, non-empty entry (or a written reflection) with the points and topics that it is notched to. */
public record Evidence(UUID entry, EvidenceKind kind, LocalDate day, Set<UUID> notches) {}
