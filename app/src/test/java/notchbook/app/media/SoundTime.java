package notchbook.app.media;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import notchbook.app.platform.Ffmpeg;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How long recordings take to be taken in, and how large they are; printed and judged by nobody here. */
@Tag("slow")
class SoundTime {
    private static final Duration LIMIT = Duration.ofMinutes(10);

    /** Noise that rises and falls, as a browser records it. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void measure(int hours) throws Exception {
        var sound = "anoisesrc=color=pink:amplitude=0.4:duration=%d,tremolo=f=0.2:d=1".formatted(hours * 3_600);
        var lesson = Files.createTempFile("lesson", ".webm");
        Ffmpeg.run(
                LIMIT, List.of("-f", "lavfi", "-i", sound, "-c:a", "libopus", "-b:a", "32k", "-y", lesson.toString()));
        var kept = Files.createTempFile("kept", ".webm");
        var begun = System.nanoTime();
        var taken = new SoundIntake().take(Incoming.whole(UUID.randomUUID(), "lesson", lesson), SoundFormat.WEBM, kept);
        var intake = System.nanoTime() - begun;
        var copy = Files.createTempFile("copy", ".webm");
        begun = System.nanoTime();
        CompactSound.make(lesson, copy);
        System.out.printf(
                "%d h: taken in with peaks and %d silences in %.1f s, %.1f MB; compact copy in %.1f s, %.1f MB%n",
                hours,
                taken.silences().size(),
                intake / 1e9,
                megabytes(kept),
                (System.nanoTime() - begun) / 1e9,
                megabytes(copy));
    }

    private static double megabytes(Path file) throws Exception {
        return Files.size(file) / 1e6;
    }
}
