package notchbook.app.growth;

import java.time.LocalDate;
import java.util.UUID;

/** A kept pair: an earlier piece and a later one, and what their student says about the two. The notebook is the later one's. */
record ThenAndNow(
        UUID id,
        UUID notebookId,
        UUID earlier,
        UUID later,
        String title,
        String words,
        int version,
        LocalDate keptOn) {}
