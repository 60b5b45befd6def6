package notchbook.app.media;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.voice.Audibility;

/**
 * A media item as a screen needs it; see {@link MediaItem} and {@link Sound} for units. {@code compact} when a recording or a
 * clip has a smaller copy to listen to or to watch.
 */
public record MediaView(
        UUID id,
        MediaKind kind,
        String type,
        String name,
        long bytes,
        Optional<Integer> width,
        Optional<Integer> height,
        Optional<Double> seconds,
        List<Integer> peaks,
        List<SilenceView> silences,
        Optional<Audibility> audibility,
        boolean compact) {

    /** Where nothing is said, in ms. */
    public record SilenceView(long from, long to) {}

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
                item.sound().map(Sound::peaks).orElse(List.of()),
                item.sound().stream()
                        .flatMap(sound -> sound.silences().stream())
                        .map(silence -> new SilenceView(silence.fromMillis(), silence.toMillis()))
                        .toList(),
                item.sound().map(Sound::audibility),
                item.hasCompactCopy());
    }
}
