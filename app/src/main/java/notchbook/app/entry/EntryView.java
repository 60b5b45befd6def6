package notchbook.app.entry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.link.LinkCardView;
import notchbook.app.media.MediaView;
import tools.jackson.databind.JsonNode;

/** An entry as screens are sent it. */
public record EntryView(
        UUID id,
        UUID pageId,
        String zone,
        Optional<UUID> beside,
        EntryKind kind,
        @Schema(implementation = Object.class) JsonNode content,
        boolean isEmpty,
        Optional<MediaView> media,
        List<MediaView> pictures,
        Optional<LinkCardView> card,
        String caption,
        EntryWidth width,
        int version,
        Instant madeAt,
        Optional<UUID> copiedFrom,
        Set<UUID> notches) {}
