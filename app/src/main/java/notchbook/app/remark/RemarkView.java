package notchbook.app.remark;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.MediaView;
import notchbook.core.remark.Saying.Sign;
import tools.jackson.databind.JsonNode;

/** A remark as screens are sent it; {@code gist} is it in a few words. */
public record RemarkView(
        UUID id,
        Optional<UUID> pageId,
        AnchorView anchor,
        int number,
        int version,
        String words,
        String gist,
        Optional<MediaView> sound,
        @Schema(implementation = Object.class) Optional<JsonNode> drawing,
        Optional<Sign> sign,
        Optional<UUID> goesBackTo,
        Optional<String> answer,
        String author,
        Instant at) {}
