package notchbook.app.growth;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.notebook.EvidenceKind;

/**
 * Which pieces growth is seen in: of one notebook or of all; notched to a line of its syllabus, of a kind, holding words, bearing a mark of
 * one's own, or named one by one. Each narrows the others, and is missing where it does not.
 */
record Choice(
        Optional<UUID> notebook,
        Optional<UUID> node,
        Optional<EvidenceKind> kind,
        Optional<String> words,
        Optional<UUID> mark,
        Optional<List<UUID>> entries) {}
