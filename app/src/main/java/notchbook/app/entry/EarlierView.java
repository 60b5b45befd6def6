package notchbook.app.entry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import tools.jackson.databind.JsonNode;

/** What an entry was before, as screens are sent it. */
record EarlierView(
        int version, @Schema(implementation = Object.class) JsonNode content, String caption, Instant savedAt) {}
