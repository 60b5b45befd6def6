package notchbook.app.media;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * Something kept in the media store. Sizes are in px and bytes, the length of what can be played in seconds; {@code screenSha256} is of the smaller copy that is shown
 * or listened to; {@code capturedAt} is when the camera says that it was taken.
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
        Optional<Sound> sound,
        Optional<Instant> capturedAt) {

    /** Whether it is a recording or a clip with a smaller copy to listen to or to watch. */
    boolean hasCompactCopy() {
        return (kind == MediaKind.RECORDING || kind == MediaKind.CLIP) && screenSha256.isPresent();
    }

    /** The item with its smaller copy in the place of its content; its size is still to be told. */
    Optional<MediaItem> smaller() {
        var smallType = kind == MediaKind.PHOTO ? "image/jpeg" : compactType();
        return kind == MediaKind.FILE
                ? Optional.empty()
                : screenSha256.map(small -> new MediaItem(
                        id,
                        ownerId,
                        kind,
                        smallType,
                        name,
                        small,
                        screenSha256,
                        bytes,
                        width,
                        height,
                        seconds,
                        sound,
                        capturedAt));
    }

    MediaItem sized(long size) {
        return new MediaItem(
                id, ownerId, kind, type, name, sha256, screenSha256, size, width, height, seconds, sound, capturedAt);
    }

    /** The type of that copy. */
    String compactType() {
        return kind == MediaKind.CLIP ? CompactFilm.TYPE : CompactSound.TYPE;
    }
}
