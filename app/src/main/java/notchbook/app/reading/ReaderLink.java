package notchbook.app.reading;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.reading.Terms;

/** A link for one reader to one thing of its owner's; {@code mail} is where it was sent, blank where it was not. */
public record ReaderLink(
        UUID id,
        UUID ownerId,
        ReadKind kind,
        UUID of,
        String title,
        String reader,
        String mail,
        Terms terms,
        Optional<String> wordHash,
        int opened,
        Optional<Instant> openedAt,
        Optional<String> answer) {}
