package notchbook.app.media;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Something kept in the media store. Sizes are in px and bytes, the length in seconds; {@code peaks} are loudness from
 * 0 to 100 in equal steps over a recording; {@code capturedAt} is when the camera says that it was taken.
 */
public record MediaItem(
        UUID id,
        UUID ownerId,
        MediaKind kind,
        String type,
        String name,
        String sha256,
        Optional<String> screenSha256,
        long bytes,
        Optional<Integer> width,
        Optional<Integer> height,
        Optional<Double> seconds,
        List<Integer> peaks,
        Optional<Instant> capturedAt) {}
