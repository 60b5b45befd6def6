package notchbook.app.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import notchbook.app.platform.Ffmpeg;

/** Single pictures out of films. */
final class Stills {
    private static final Duration LIMIT = Duration.ofSeconds(20);
    private static final String SCALE = "scale='min(1280,iw)':-2";

    /** Each takes a core for a moment. */
    private static final Semaphore AT_ONCE = new Semaphore(2);

    private Stills() {}

    /** The picture at a moment in ms, as JPEG; empty behind the end. */
    static Optional<byte[]> at(Path film, long millis) {
        AT_ONCE.acquireUninterruptibly();
        try {
            var still = Files.createTempFile("notchbook", ".jpg");
            try {
                var arguments = List.of(
                        "-ss",
                        String.valueOf(millis / 1_000.0),
                        "-i",
                        film.toString(),
                        "-frames:v",
                        "1",
                        "-vf",
                        SCALE,
                        "-q:v",
                        "4",
                        "-f",
                        "mjpeg",
                        "-y",
                        still.toString());
                return Ffmpeg.run(LIMIT, arguments)
                        ? Optional.of(Files.readAllBytes(still)).filter(jpeg -> jpeg.length > 0)
                        : Optional.empty();
            } finally {
                Files.deleteIfExists(still);
            }
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        } finally {
            AT_ONCE.release();
        }
    }
}
