package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import notchbook.app.platform.Ffmpeg;

/** A recording as Opus in Ogg, which readers of books play. What is Opus already is only put into another container. */
public final class OpusSound {
    private static final Duration LIMIT = Duration.ofMinutes(15);

    private OpusSound() {}

    /** Whether the copy could be made. */
    public static boolean make(Path from, Path copy) throws IOException {
        var isOpus = Ffmpeg.probe(
                        LIMIT,
                        List.of(
                                "-select_streams",
                                "a:0",
                                "-show_entries",
                                "stream=codec_name",
                                "-of",
                                "csv=p=0",
                                from.toString()))
                .strip()
                .equals("opus");
        var arguments = new ArrayList<>(List.of("-i", from.toString(), "-map", "0:a:0", "-map_metadata", "-1"));
        arguments.addAll(isOpus ? List.of("-c:a", "copy") : List.of("-c:a", "libopus", "-b:a", "64k"));
        arguments.addAll(List.of("-f", "ogg", "-y", copy.toString()));
        return Ffmpeg.run(LIMIT, arguments);
    }
}
