package notchbook.app.copy;

import java.time.Instant;
import java.util.UUID;
import notchbook.app.platform.MadeState;
import notchbook.formats.pdf.PdfWish;

/**
 * A copy that somebody wanted: {@code pdf} says how where it is a PDF, {@code origin} is the address of this school as they typed it.
 * How far it is made (0 to 1), its size in bytes once it is ready, and why it failed if it did.
 */
record Copy(
        UUID id,
        UUID ownerId,
        CopyKind kind,
        UUID of,
        CopyForm form,
        PdfWish pdf,
        String origin,
        String title,
        MadeState state,
        double share,
        long bytes,
        String words,
        Instant wantedAt) {}
