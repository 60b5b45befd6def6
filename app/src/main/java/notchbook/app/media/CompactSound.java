package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import notchbook.app.platform.Ffmpeg;
import notchbook.app.platform.Job;
import org.springframework.stereotype.Component;

/** Makes the compact copy of a recording that is listened to: Opus in WebM, which every browser plays. */
@Component
class CompactSound implements Job {
    static final String NAME = "compact-sound";
    static final String TYPE = "audio/webm";

    /** In kbit/s: two hours are 43 MB, and music is still pleasant. */
    private static final int BIT_RATE = 48;

    private static final double BYTES_PER_SECOND = BIT_RATE * 1_000 / 8.0;
    private static final Duration LIMIT = Duration.ofMinutes(15);

    private final CompactCopies copies;

    CompactSound(CompactCopies copies) {
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

    /** Whether a recording needs a copy: one that is WebM and small already is its own. */
    static boolean isWanted(MediaItem item) {
        return item.sound()
                .filter(sound -> item.kind() == MediaKind.RECORDING)
                .filter(sound -> !item.type().equals(TYPE) || item.bytes() > 1.2 * BYTES_PER_SECOND * sound.seconds())
                .isPresent();
    }

    @Override
    public void run(UUID mediaId) {
        copies.keep(mediaId, CompactSound::make);
    }

    /** Whether the copy could be made. */
    static boolean make(Path from, Path copy) throws IOException {
        return Ffmpeg.run(
                LIMIT,
                List.of(
                        "-i",
                        from.toString(),
                        "-map",
                        "0:a:0",
                        "-map_metadata",
                        "-1",
                        "-c:a",
                        "libopus",
                        "-b:a",
                        BIT_RATE + "k",
                        "-ac",
                        "2",
                        "-f",
                        "webm",
                        "-y",
                        copy.toString()));
    }
}
