package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What is in a container by its own account: whether it has sound, whether it has moving pictures (a cover picture is
 * none), and its length in seconds where it says one.
 */
record SoundTracks(boolean hasSound, boolean hasVideo, OptionalDouble seconds) {
    private static final Duration LIMIT = Duration.ofSeconds(20);

    static SoundTracks of(Path file) throws IOException {
        var said = Ffmpeg.probe(
                LIMIT,
                List.of(
                        "-show_entries",
                        "stream=codec_type:stream_disposition=attached_pic:format=duration",
                        "-of",
                        "flat",
                        file.toString()));
        var covers =
                said.lines().filter(line -> line.endsWith("attached_pic=1")).count();
        var pictures = said.lines()
                .filter(line -> line.endsWith("codec_type=\"video\""))
                .count();
        return new SoundTracks(
                said.contains("codec_type=\"audio\""),
                pictures > covers,
                said.lines()
                        .filter(line -> line.startsWith("format.duration=\"") && Character.isDigit(line.charAt(17)))
                        .mapToDouble(line -> Double.parseDouble(line.substring(17, line.length() - 1)))
                        .findFirst());
    }
}
