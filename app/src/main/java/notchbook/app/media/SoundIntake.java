package notchbook.app.media;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import notchbook.app.platform.Ffmpeg;
import notchbook.app.platform.Refusal;
import notchbook.core.text.Minutes;
import notchbook.core.voice.Loudness;
import org.springframework.stereotype.Component;

/**
 * Takes a recording in with ffmpeg: decodes all of it once (a sound that breaks off is refused), measures length, loudness
 * and silences, and writes the container anew without metadata, so that a browser's own recording can be sought in.
 */
@Component
class SoundIntake {
    /** The rate at which loudness is measured, in samples a second; speech needs no more. */
    private static final int RATE = 8_000;

    private static final long LONGEST_MILLIS = 4 * 60 * 60 * 1_000L;
    private static final long SHORTEST_MILLIS = 100;

    /** Four hours are decoded in less than this on one slow core. */
    private static final Duration LIMIT = Duration.ofMinutes(5);

    private static final String BROKEN =
            "This recording breaks off or is damaged. Record it again, or choose the whole file.";
    private static final String TOO_LONG = "This recording is longer than four hours. Send it in parts.";

    /** Reads a file of {@code format} and writes what is kept of it to {@code kept}. */
    Sound take(Incoming incoming, SoundFormat format, Path kept) throws IOException {
        var file = incoming.file();
        if (!incoming.isCutOff() && format.isCutShort(file)) {
            throw brokenOff(incoming);
        }
        if (Tracks.of(file).seconds().orElse(0) * 1_000 > LONGEST_MILLIS) {
            throw Refusal.unfit(TOO_LONG);
        }
        var sound = measure(incoming);
        if (sound.seconds() * 1_000 < SHORTEST_MILLIS) {
            throw Refusal.unfit("There is no sound in this recording. Check the microphone and record again.");
        }
        if (sound.seconds() * 1_000 > LONGEST_MILLIS) {
            throw Refusal.unfit(TOO_LONG);
        }
        var written = new ArrayList<>(
                List.of("-i", file.toString(), "-map", "0:a:0", "-map_metadata", "-1", "-map_chapters", "-1"));
        written.addAll(List.of("-c", "copy"));
        written.addAll(format.muxer);
        written.addAll(List.of("-y", kept.toString()));
        if (!Ffmpeg.run(LIMIT, written)) {
            throw Refusal.unfit(BROKEN);
        }
        return sound;
    }

    /** What can be heard in a file; one that breaks off is refused. */
    Sound measure(Incoming incoming) throws IOException {
        return Sound.of(loudness(incoming));
    }

    private static Loudness loudness(Incoming incoming) throws IOException {
        var gathering = new Loudness.Gathering(RATE);
        var arguments = List.of(
                "-i",
                incoming.file().toString(),
                "-map",
                "0:a:0",
                // A microphone that stutters stamps two pieces with one time: nothing of them is missing.
                "-af",
                "asetpts=N/SR/TB",
                "-ac",
                "1",
                "-ar",
                "" + RATE,
                "-f",
                "s16le",
                "-");
        var isWhole = Ffmpeg.read(LIMIT, arguments, samples -> gather(samples, gathering));
        if (!isWhole && !incoming.isCutOff() && gathering.lengthMillis() <= LONGEST_MILLIS) {
            throw brokenOff(incoming);
        }
        return gathering.loudness();
    }

    /** Says how much can be heard and how much is missing; with enough of it, what is there can be kept. */
    private static Refusal brokenOff(Incoming incoming) throws IOException {
        var heard = loudness(new Incoming(incoming.id(), incoming.name(), incoming.file(), true))
                .lengthMillis();
        if (heard < SHORTEST_MILLIS) {
            return Refusal.unfit(BROKEN);
        }
        var told = Tracks.of(incoming.file()).seconds().orElse(0) * 1_000;
        var missing = told > heard + SHORTEST_MILLIS
                ? "%s of it is missing at its end".formatted(length(told - heard))
                : "what comes after is missing";
        return Refusal.unfit(
                "“%s” breaks off: %s of it can be heard, %s. Keep what is there, or choose the whole file."
                        .formatted(incoming.name(), length(heard), missing),
                Map.of("canKeepPart", true));
    }

    private static String length(double millis) {
        return Minutes.of(Math.round(millis / 1_000));
    }

    private static void gather(InputStream samples, Loudness.Gathering gathering) throws IOException {
        var low = samples.read();
        var high = samples.read();
        while (high >= 0 && gathering.lengthMillis() <= LONGEST_MILLIS) {
            gathering.add((short) (low | high << 8));
            low = samples.read();
            high = samples.read();
        }
    }
}
