package notchbook.app.handin;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryWidth;
import notchbook.app.media.MediaView;
import notchbook.core.notebook.Pattern;
import tools.jackson.databind.JsonNode;

/** Pages as they were when they were sealed or shown, as screens are sent them. */
public final class SealedViews {
    private SealedViews() {}

    /** An entry of a version; {@code isPiece} where a book shows it from a notebook, so that it can be opened by itself. */
    public record SealedEntryView(
            UUID id,
            String zone,
            Optional<UUID> beside,
            EntryKind kind,
            @Schema(implementation = Object.class) JsonNode content,
            String caption,
            EntryWidth width,
            List<String> codes,
            Optional<MediaView> media,
            List<MediaView> pictures,
            Optional<SealedCardView> card,
            List<OwnMarkView> marks,
            List<EarlierTextView> earlier,
            boolean isPiece) {}

    /** A mark that the student set for themselves and let go along. */
    public record OwnMarkView(String name, String words) {}

    /** What was typed until then. */
    public record EarlierTextView(
            Instant savedAt,
            @Schema(implementation = Object.class) JsonNode content) {}

    public record SealedCardView(String title, String description, String site, Optional<UUID> pictureId) {}

    public record SealedPageView(
            UUID id,
            String title,
            LocalDate day,
            Optional<Integer> week,
            Pattern pattern,
            List<SealedEntryView> entries) {}
}
