package notchbook.app.media;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A photo in the HEIC format of some phones, made a JPEG by the programs of libheif; they stay outside, as ffmpeg does. */
final class HeicPhoto {
    private static final Logger LOG = LoggerFactory.getLogger(HeicPhoto.class);
    private static final int LIMIT_SECONDS = 30;

    /** As for every other picture: what more than fills the memory of a small server. */
    private static final long MOST_PIXELS = 40_000_000;

    private static final Pattern SIZE = Pattern.compile("image: (\\d{1,6})x(\\d{1,6})");

    private HeicPhoto() {}

    /** The JPEG; empty where the file can't be read, is too large, or the programs are not installed. */
    static Optional<byte[]> jpeg(Path heic) throws IOException {
        var jpeg = Files.createTempFile("notchbook", ".jpg");
        try {
            var isRead = pixels(heic).filter(size -> size <= MOST_PIXELS).isPresent()
                    && run(List.of("heif-convert", "-q", "95", heic.toString(), jpeg.toString()))
                            .isPresent();
            return isRead && Files.size(jpeg) > 0 ? Optional.of(Files.readAllBytes(jpeg)) : Optional.empty();
        } finally {
            Files.delete(jpeg);
        }
    }

    private static Optional<Long> pixels(Path heic) {
        return run(List.of("heif-info", heic.toString()))
                .map(SIZE::matcher)
                .filter(size -> size.find())
                .map(size -> Long.parseLong(size.group(1)) * Long.parseLong(size.group(2)));
    }

    /** What the program said; empty where it failed, took too long or is not there. */
    private static Optional<String> run(List<String> command) {
        try {
            var process = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            process.onExit()
                    .orTimeout(LIMIT_SECONDS, TimeUnit.SECONDS)
                    .exceptionally(late -> process.destroyForcibly());
            var said = new String(process.getInputStream().readAllBytes(), UTF_8);
            return process.onExit().join().exitValue() == 0 ? Optional.of(said) : Optional.empty();
        } catch (IOException notInstalled) {
            LOG.warn("HEIC photos are not read: libheif's programs are not installed.", notInstalled);
            return Optional.empty();
        }
    }
}
