package notchbook.app.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundIntakeTest {
    @TempDir
    private Path folder;

    /** Recorded on a busy machine: some of its pieces bear the same time as the one before. */
    @Test
    void takesARecordingOfAMicrophoneThatStutters() throws IOException {
        assertThat(taken(recorded()).seconds()).isBetween(9.0, 15.0);
    }

    @Test
    void stillSaysThatOneBreaksOff() throws IOException {
        var broken = recorded();
        Arrays.fill(broken, broken.length / 2, broken.length, (byte) 0x5A);
        assertThatThrownBy(() -> taken(broken)).isInstanceOf(Refusal.class).hasMessageContaining("breaks off");
    }

    private byte[] recorded() throws IOException {
        try (var file = SoundIntakeTest.class.getResourceAsStream("stuttering.webm")) {
            return file.readAllBytes();
        }
    }

    private Sound taken(byte[] content) throws IOException {
        var file = Files.write(folder.resolve("recording.webm"), content);
        var incoming = Incoming.whole(UUID.randomUUID(), "recording.webm", file);
        return new SoundIntake().take(incoming, SoundFormat.WEBM, folder.resolve("kept.webm"));
    }
}
