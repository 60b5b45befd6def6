package notchbook.app;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Files as students send them. */
final class Samples {
    private static final int RATE = 16_000;

    private Samples() {}

    static byte[] jpeg() {
        var picture = new BufferedImage(640, 480, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setColor(Color.ORANGE);
        canvas.fillOval(100, 100, 300, 200);
        canvas.dispose();
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpeg", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    /** A tone of 440 Hz, the first half silent. */
    static byte[] wav(int seconds) {
        var samples = new byte[2 * RATE * seconds];
        for (var i = samples.length / 4; i < samples.length / 2; i++) {
            var value = (int) (12_000 * Math.sin(2 * Math.PI * 440 * i / RATE));
            samples[2 * i] = (byte) value;
            samples[2 * i + 1] = (byte) (value >> 8);
        }
        var out = new ByteArrayOutputStream();
        try {
            var format = new AudioFormat(RATE, 16, 1, true, false);
            AudioSystem.write(
                    new AudioInputStream(new ByteArrayInputStream(samples), format, samples.length / 2),
                    AudioFileFormat.Type.WAVE,
                    out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    /** The same tone in another format, by ffmpeg: ogg, webm or mp3. */
    static byte[] sound(String format, int seconds) {
        try {
            var from = Files.write(Files.createTempFile("tone", ".wav"), wav(seconds));
            var to = Files.createTempFile("tone", "." + format);
            var process = new ProcessBuilder("ffmpeg", "-v", "error", "-y", "-i", from.toString(), to.toString())
                    .inheritIO()
                    .start();
            if (process.onExit().join().exitValue() != 0) {
                throw new IllegalStateException("ffmpeg could not write " + format);
            }
            return Files.readAllBytes(to);
        } catch (IOException missing) {
            throw new UncheckedIOException("Install Debian's package ffmpeg.", missing);
        }
    }
}
