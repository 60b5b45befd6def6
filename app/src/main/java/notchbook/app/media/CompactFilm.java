package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.platform.Ffmpeg;
import notchbook.app.platform.Job;
import org.springframework.stereotype.Component;

/** Makes the compact copy of a clip that is watched: VP8 and Opus in WebM, which browsers play whatever the clip came in. */
@Component
class CompactFilm implements Job {
    static final String NAME = "compact-film";
    static final String TYPE = "video/webm";

    /** Enough for a screen, and for what is written on a board. In px. */
    private static final String SCALE =
            "scale='min(1280,iw)':'min(720,ih)':force_original_aspect_ratio=decrease:force_divisible_by=2";

    /** Ten minutes of film on one slow core. */
    private static final Duration LIMIT = Duration.ofMinutes(20);

    private final CompactCopies copies;

    CompactFilm(CompactCopies copies) {
        this.copies = copies;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public boolean canWait() {
        return true;
    }

    @Override
    public void run(UUID mediaId) {
        copies.keep(mediaId, CompactFilm::isMade);
    }

    private static boolean isMade(Path from, Path copy) throws IOException {
        var pictures = "-map 0:v:0 -map 0:a:0? -map_metadata -1 -c:v libvpx -deadline realtime -cpu-used 5 -b:v 900k";
        var sound = "-c:a libopus -b:a 64k -ac 2 -f webm -y";
        return Ffmpeg.run(
                LIMIT,
                Stream.of(
                                List.of("-i", from.toString(), "-vf", SCALE),
                                List.of(pictures.split(" ")),
                                List.of(sound.split(" ")),
                                List.of(copy.toString()))
                        .flatMap(List::stream)
                        .toList());
    }
}
