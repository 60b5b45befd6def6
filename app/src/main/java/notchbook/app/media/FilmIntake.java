package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import notchbook.app.platform.Ffmpeg;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Component;

/**
 * Takes a short film in with ffmpeg: its sound is measured as that of a recording, and the container is written anew without
 * metadata, so that it loses its place data and a browser's own film can be sought in. The pictures stay as they came.
 */
@Component
class FilmIntake {
    /** A clip shows one thing. Longer films are kept as files. */
    static final double LONGEST_SECONDS = 600;

    private static final Duration LIMIT = Duration.ofMinutes(2);
    private static final String BROKEN = "This film breaks off or is damaged. Film it again, or choose the whole file.";

    private final SoundIntake sounds;

    FilmIntake(SoundIntake sounds) {
        this.sounds = sounds;
    }

    /** A film as it is kept: its size in px, its length in seconds, and its sound where it has one. */
    record Film(FilmFormat format, int width, int height, double seconds, Optional<Sound> sound) {}

    /** Reads a film and writes what is kept of it to {@code kept}; empty for what is no film that can be shown, or a long one. */
    Optional<Film> take(Incoming incoming, Path kept) throws IOException {
        var tracks = Tracks.of(incoming.file());
        var format = FilmFormat.of(incoming.file());
        if (format.isPresent() && tracks.picture().isEmpty() && !tracks.hasSound()) {
            throw Refusal.unfit(BROKEN);
        }
        if (format.isEmpty() || tracks.picture().isEmpty() || tracks.seconds().orElse(0) > LONGEST_SECONDS) {
            return Optional.empty();
        }
        if (!copy(incoming, format.get(), kept)) {
            throw Refusal.unfit(BROKEN);
        }
        // A browser's own film says its length only now.
        var whole = Tracks.of(kept);
        var seconds = whole.seconds().orElse(0);
        if (seconds > LONGEST_SECONDS) {
            return Optional.empty();
        }
        if (whole.picture().isEmpty() || seconds <= 0) {
            throw Refusal.unfit(BROKEN);
        }
        var size = whole.picture().get();
        var sound = tracks.hasSound() ? Optional.of(sounds.measure(incoming)) : Optional.<Sound>empty();
        return Optional.of(new Film(format.get(), size.width(), size.height(), seconds, sound));
    }

    private static boolean copy(Incoming incoming, FilmFormat format, Path kept) throws IOException {
        var arguments = new ArrayList<>(
                List.of("-i", incoming.file().toString(), "-map", "0:v:0", "-map", "0:a:0?", "-map_metadata", "-1"));
        arguments.addAll(List.of("-map_chapters", "-1", "-c", "copy"));
        arguments.addAll(format.muxer);
        arguments.addAll(List.of("-y", kept.toString()));
        var isWhole = Ffmpeg.read(LIMIT, arguments, output -> {});
        return isWhole || incoming.isCutOff();
    }
}
