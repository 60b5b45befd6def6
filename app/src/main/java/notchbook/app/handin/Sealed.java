package notchbook.app.handin;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.EntryKind;
import notchbook.app.notebook.EntryWidth;

/** The parts of a sealed version, as they are written down: each is one JSON document. */
final class Sealed {
    private Sealed() {}

    record Cover(String title, String student, String notebook, String edition, Instant sealedAt) {}

    record Page(UUID id, String title, LocalDate day, Optional<Integer> week, List<Entry> entries) {}

    /** An entry with its checked content as text, the codes it is notched to and the path of its picture or sound. */
    record Entry(
            UUID id,
            EntryKind kind,
            String content,
            String caption,
            EntryWidth width,
            List<String> codes,
            Optional<UUID> mediaId,
            Optional<String> mediaPath) {}

    record Reflection(String title, List<Answer> answers, List<String> chosen) {}

    record Answer(String question, String text, int words) {}
}
