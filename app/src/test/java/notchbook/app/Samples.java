package notchbook.app;

import static java.nio.charset.StandardCharsets.US_ASCII;

import java.awt.Color;
import java.awt.Font;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Files as students send them. */
final class Samples {
    private static final int RATE = 16_000;

    private static final List<String> WORDS = List.of(
            "wave", "echo", "ripple", "speed", "depth", "light", "sound", "angle", "mirror", "lens", "tank", "crest");

    private Samples() {}

    static byte[] jpeg() {
        var picture = new BufferedImage(640, 480, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setColor(Color.ORANGE);
        canvas.fillOval(100, 100, 300, 200);
        canvas.dispose();
        return jpeg(picture);
    }

    /** A sheet of A4 with its own words on a dark desk, turned a little. */
    static byte[] page(int seed, double degrees) {
        var picture = new BufferedImage(1_200, 1_600, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        canvas.setColor(new Color(70, 60, 50));
        canvas.fillRect(0, 0, 1_200, 1_600);
        canvas.rotate(Math.toRadians(degrees), 600, 800);
        canvas.setColor(new Color(240, 240, 236));
        canvas.fillRect(130, 135, 940, 1_330);
        canvas.setColor(Color.DARK_GRAY);
        canvas.setFont(new Font(Font.SERIF, Font.PLAIN, 30));
        var random = new Random(seed);
        for (var line = 0; line < 22; line++) {
            var words = Stream.generate(() -> WORDS.get(random.nextInt(WORDS.size())))
                    .limit(8)
                    .collect(Collectors.joining(" "));
            canvas.drawString(words, 220, 240 + 52 * line);
        }
        canvas.dispose();
        return jpeg(picture);
    }

    private static byte[] jpeg(BufferedImage picture) {
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpeg", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    /** A PDF of one empty page. */
    static String pdf() {
        return """
                %PDF-1.4
                1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj
                2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj
                3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 300 200]>>endobj
                trailer<</Root 1 0 R>>
                %%EOF
                """;
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

    /** The same tone in another format, by ffmpeg: ogg, opus, webm, mp3 or m4a. */
    static byte[] sound(String format, int seconds) {
        try {
            var from = Files.write(Files.createTempFile("tone", ".wav"), wav(seconds));
            return byFfmpeg(format, "-i", from.toString());
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static byte[] byFfmpeg(String format, String... arguments) {
        try {
            var to = Files.createTempFile("sample", "." + format);
            var command = new ArrayList<>(List.of("ffmpeg", "-v", "error", "-y"));
            command.addAll(List.of(arguments));
            command.add(to.toString());
            var process = new ProcessBuilder(command).inheritIO().start();
            if (process.onExit().join().exitValue() != 0) {
                throw new IllegalStateException("ffmpeg could not write " + format);
            }
            return Files.readAllBytes(to);
        } catch (IOException missing) {
            throw new UncheckedIOException("Install Debian's package ffmpeg.", missing);
        }
    }

    /** Silence; at one sample a second ten hours are small. */
    static byte[] still(int seconds, int samplesPerSecond) {
        var bytes = seconds * samplesPerSecond;
        var wav = ByteBuffer.allocate(44 + bytes).order(ByteOrder.LITTLE_ENDIAN);
        wav.put("RIFF".getBytes(US_ASCII)).putInt(36 + bytes).put("WAVEfmt ".getBytes(US_ASCII));
        wav.putInt(16).putShort((short) 1).putShort((short) 1);
        wav.putInt(samplesPerSecond).putInt(samplesPerSecond);
        wav.putShort((short) 1)
                .putShort((short) 8)
                .put("data".getBytes(US_ASCII))
                .putInt(bytes);
        while (wav.hasRemaining()) {
            wav.put((byte) 128);
        }
        return wav.array();
    }

    /** A second of a moving test picture with a tone, as a phone films it, with what more ffmpeg is to write. */
    static byte[] film(String... more) {
        var picture = new String[] {"-f", "lavfi", "-i", "testsrc=size=160x120:rate=10:duration=1"};
        var tone = new String[] {"-f", "lavfi", "-i", "sine=duration=1", "-c:v", "mpeg4", "-c:a", "aac"};
        return byFfmpeg(
                "mp4", Stream.of(picture, tone, more).flatMap(Stream::of).toArray(String[]::new));
    }

    /** A film without sound, as a browser makes it. */
    static byte[] silentFilm(int seconds) {
        return byFfmpeg(
                "webm",
                "-f",
                "lavfi",
                "-i",
                "testsrc=size=64x48:rate=2:duration=" + seconds,
                "-c:v",
                "libvpx",
                "-deadline",
                "realtime");
    }

    /** The sample photo as a phone's HEIC file. */
    static byte[] heic() {
        try {
            var from = Files.write(Files.createTempFile("photo", ".jpg"), jpeg());
            var to = Files.createTempFile("photo", ".heic");
            var process = new ProcessBuilder("heif-enc", from.toString(), "-o", to.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (process.onExit().join().exitValue() != 0) {
                throw new IllegalStateException("heif-enc could not write a photo");
            }
            return Files.readAllBytes(to);
        } catch (IOException missing) {
            throw new UncheckedIOException("Install Debian's package libheif-examples.", missing);
        }
    }
}
