package notchbook.app.media;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A media item as a screen needs it; see {@link MediaItem} for units. */
public record MediaView(
        UUID id,
        MediaKind kind,
        String type,
        String name,
        long bytes,
        Optional<Integer> width,
        Optional<Integer> height,
        Optional<Double> seconds,
        List<Integer> peaks) {

    public static MediaView of(MediaItem item) {
        return new MediaView(
                item.id(),
                item.kind(),
                item.type(),
                item.name(),
                item.bytes(),
                item.width(),
                item.height(),
                item.seconds(),
                item.peaks());
    }
}
