package notchbook.app.media;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Component;

/**
 * Takes a recording in with ffmpeg: decodes all of it once (a sound that breaks off is refused), measures length and
 * loudness, and writes the container anew without metadata, so that a browser's own recording can be sought in.
 */
@Component
class SoundIntake {
    /** The rate at which loudness is measured, in samples a second; speech needs no more. */
    private static final int RATE = 8_000;

    /** Samples over which one loudness is taken: a fiftieth of a second. */
    private static final int WINDOW = RATE / 50;

    private static final int PEAKS = 160;
    private static final double LONGEST_SECONDS = 4 * 60 * 60;
    private static final double SHORTEST_SECONDS = 0.1;
    private static final int LIMIT_SECONDS = 120;

    private static final String BROKEN =
            "This recording breaks off or is damaged. Record it again, or choose the whole file.";

    /** Reads a file of {@code format} and writes what is kept of it to {@code kept}. */
    Sound take(Incoming incoming, SoundFormat format, Path kept) throws IOException {
        var file = incoming.file();
        if (!incoming.isCutOff() && format.isCutShort(file)) {
            throw Refusal.unfit(BROKEN);
        }
        var loudness = loudness(incoming);
        var seconds = loudness.size() * (double) WINDOW / RATE;
        if (seconds < SHORTEST_SECONDS) {
            throw Refusal.unfit("There is no sound in this recording. Check the microphone and record again.");
        }
        if (seconds > LONGEST_SECONDS) {
            throw Refusal.unfit("This recording is longer than four hours. Send it in parts.");
        }
        run(List.of(
                "-i",
                file.toString(),
                "-map",
                "0:a:0",
                "-map_metadata",
                "-1",
                "-c",
                "copy",
                "-f",
                format.extension,
                "-y",
                kept.toString()));
        return new Sound(format, seconds, peaks(loudness));
    }

    /** The greatest swing in each window, from 0 to 32768. */
    private static List<Integer> loudness(Incoming incoming) throws IOException {
        var errors = Files.createTempFile("notchbook", "ffmpeg");
        try {
            var command = command(List.of(
                    "-i",
                    incoming.file().toString(),
                    "-map",
                    "0:a:0",
                    "-ac",
                    "1",
                    "-ar",
                    "" + RATE,
                    "-f",
                    "s16le",
                    "-"));
            var process =
                    new ProcessBuilder(command).redirectError(errors.toFile()).start();
            process.onExit()
                    .orTimeout(LIMIT_SECONDS, TimeUnit.SECONDS)
                    .exceptionally(late -> process.destroyForcibly());
            List<Integer> loudness;
            try (var samples = new BufferedInputStream(process.getInputStream(), 1 << 16)) {
                loudness = windows(samples);
            }
            var isDamaged = process.onExit().join().exitValue() != 0 || Files.size(errors) > 0;
            if (isDamaged && !incoming.isCutOff()) {
                throw Refusal.unfit(BROKEN);
            }
            return loudness;
        } finally {
            Files.delete(errors);
        }
    }

    private static List<Integer> windows(InputStream samples) throws IOException {
        var loudness = new ArrayList<Integer>();
        var window = samples.readNBytes(2 * WINDOW);
        while (window.length > 1 && loudness.size() * (double) WINDOW / RATE <= LONGEST_SECONDS) {
            var loudest = 0;
            for (var i = 0; i + 1 < window.length; i += 2) {
                loudest = Math.max(loudest, Math.abs((window[i] & 0xFF) | (window[i + 1] << 8)));
            }
            loudness.add(loudest);
            window = samples.readNBytes(2 * WINDOW);
        }
        return loudness;
    }

    private static List<Integer> peaks(List<Integer> loudness) {
        var loudest =
                Math.max(1, loudness.stream().mapToInt(Integer::intValue).max().orElse(1));
        var bars = Math.min(PEAKS, loudness.size());
        return IntStream.range(0, bars)
                .map(bar -> loudness
                        .subList(
                                bar * loudness.size() / bars,
                                Math.max(bar * loudness.size() / bars + 1, (bar + 1) * loudness.size() / bars))
                        .stream()
                        .mapToInt(Integer::intValue)
                        .max()
                        .orElse(0))
                .mapToObj(peak -> 100 * peak / loudest)
                .toList();
    }

    private static void run(List<String> arguments) throws IOException {
        var process = new ProcessBuilder(command(arguments))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.onExit().orTimeout(LIMIT_SECONDS, TimeUnit.SECONDS).exceptionally(late -> process.destroyForcibly());
        if (process.onExit().join().exitValue() != 0) {
            throw Refusal.unfit(BROKEN);
        }
    }

    private static List<String> command(List<String> arguments) {
        var command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-v", "error", "-protocol_whitelist", "file,pipe"));
        command.addAll(arguments);
        return command;
    }
}
