package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryView;
import notchbook.app.entry.Glimpse;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.LookedAt;
import notchbook.core.reflection.Prompt;

/** Looking back on one piece, as screens are sent it. */
final class LookBackViews {
    private LookBackViews() {}

    /** The piece: either a page, or a version, or entries. */
    record LookedAtView(Optional<UUID> page, Optional<UUID> version, List<UUID> entries) {
        static LookedAtView of(LookedAt on) {
            return switch (on) {
                case LookedAt.OfPage(var page) -> new LookedAtView(Optional.of(page), Optional.empty(), List.of());
                case LookedAt.OfVersion(var version) ->
                    new LookedAtView(Optional.empty(), Optional.of(version), List.of());
                case LookedAt.OfEntries(var entries) -> new LookedAtView(Optional.empty(), Optional.empty(), entries);
            };
        }

        LookedAt on() {
            return page.<LookedAt>map(LookedAt.OfPage::new)
                    .or(() -> version.map(LookedAt.OfVersion::new))
                    .orElseGet(() -> new LookedAt.OfEntries(entries));
        }
    }

    /** One of a notebook's, with its first words, and what its piece is known again by. */
    record LookBackLine(
            UUID id,
            UUID notebookId,
            String title,
            LocalDate day,
            String words,
            int met,
            int prompts,
            Optional<Glimpse> piece) {}

    /**
     * What is answered, beside the piece; {@code piece} are its live entries, empty where all of it is in the bin. {@code drawn} is what
     * stands with the answers, {@code home} the section in which a page for spoken and handwritten answers would be made, {@code sets} the
     * sets of prompts that it could go by instead.
     */
    record LookBackView(
            UUID id,
            UUID notebookId,
            LookedAtView on,
            String title,
            LocalDate day,
            int version,
            List<Prompt> prompts,
            List<Answer> answers,
            List<EntryView> piece,
            List<Glimpse> drawn,
            Optional<UUID> home,
            List<SetLine> sets) {}

    record SetLine(UUID id, String name) {}
}
