package notchbook.app.media;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import notchbook.app.platform.Ffmpeg;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OpusSoundTest {
    @TempDir
    private Path folder;

    @Test
    void putsOpusIntoAnotherContainerWithoutLosingAnyOfIt() throws IOException {
        try (var recorded = Objects.requireNonNull(OpusSoundTest.class.getResourceAsStream("stuttering.webm"))) {
            assertIsOpus(made(Files.write(folder.resolve("recording.webm"), recorded.readAllBytes())), 13.6);
        }
    }

    @Test
    void makesOpusOfEverySoundElse() throws IOException {
        var talk = folder.resolve("talk.wav");
        Ffmpeg.run(Duration.ofMinutes(1), List.of("-f", "lavfi", "-i", "sine=duration=3", "-y", talk.toString()));
        assertIsOpus(made(talk), 3);
    }

    @Test
    void saysThatWhatIsNoSoundCantBeMade() throws IOException {
        var file = Files.writeString(folder.resolve("tides.csv"), "day,height");
        assertThat(OpusSound.make(file, folder.resolve("copy.ogg"))).isFalse();
    }

    private Path made(Path sound) throws IOException {
        var copy = folder.resolve("copy.ogg");
        assertThat(OpusSound.make(sound, copy)).isTrue();
        return copy;
    }

    private static void assertIsOpus(Path copy, double seconds) throws IOException {
        assertThat(new String(Files.readAllBytes(copy), 0, 36, ISO_8859_1))
                .startsWith("OggS")
                .contains("OpusHead");
        assertThat(Tracks.of(copy).seconds().orElse(0)).isBetween(seconds - 0.3, seconds + 0.3);
    }
}
