package notchbook.demo;

import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.List;
import java.util.stream.IntStream;

/** The clips of the demo notebooks, as WebM: a ripple tank from above, with a voice. */
final class Films {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 400;
    private static final int PICTURES = 15;

    /** Where the water gets shallow, and how long the wave is on both sides of it, in px. One wave passes a second. */
    private static final int SHALLOW = 340;

    private static final double[] WAVELENGTH = {64, 38};

    private Films() {}

    /** A clip with a voice of {@link Sounds}. */
    static byte[] webm(String voice) {
        try {
            var folder = Files.createTempDirectory("notchbook-film");
            var sound = Files.write(folder.resolve("voice.wav"), Sounds.wav("voice", voice));
            var film = folder.resolve("film.webm");
            var process = new ProcessBuilder(
                            List.of(("ffmpeg -v error -nostdin -threads 1 -f rawvideo -pix_fmt bgr24 -s "
                                            + WIDTH + "x" + HEIGHT + " -r " + PICTURES + " -i pipe:0 -i " + sound
                                            + " -c:v libvpx -deadline realtime -cpu-used 6 -b:v 500k -c:a libopus -b:a 48k -y "
                                            + film)
                                    .split(" ")))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            try (var pictures = process.getOutputStream()) {
                var count = Sounds.millis(Files.readAllBytes(sound)) * PICTURES / 1_000;
                var second = second();
                for (var i = 0; i < count; i++) {
                    pictures.write(second.get(i % PICTURES));
                }
            }
            process.onExit().join();
            return Files.readAllBytes(film);
        } catch (IOException missing) {
            throw new UncheckedIOException("The demo school's clips need Debian's package ffmpeg.", missing);
        }
    }

    /** The same over and over, for some seconds. */
    static byte[] again(String voice, int seconds) {
        try {
            var folder = Files.createTempDirectory("notchbook-film");
            var once = Files.write(folder.resolve("once.webm"), webm(voice));
            var film = folder.resolve("film.webm");
            new ProcessBuilder(List.of(("ffmpeg -v error -nostdin -stream_loop -1 -i " + once + " -t " + seconds
                                    + " -c copy -y " + film)
                            .split(" ")))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start()
                    .onExit()
                    .join();
            return Files.readAllBytes(film);
        } catch (IOException missing) {
            throw new UncheckedIOException("The demo school's films need Debian's package ffmpeg.", missing);
        }
    }

    /** The pictures of a second, after which the water is as it was. */
    private static List<byte[]> second() {
        return IntStream.range(0, PICTURES)
                .mapToObj(i -> picture((double) i / PICTURES))
                .map(picture -> ((DataBufferByte) picture.getRaster().getDataBuffer()).getData())
                .toList();
    }

    /** The tank at a moment in s: bright where the water is high. */
    private static BufferedImage picture(double at) {
        var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        IntStream.range(30, HEIGHT - 30).parallel().forEach(y -> {
            for (var x = 40; x < WIDTH - 40; x++) {
                image.setRGB(x, y, water(x, y, at));
            }
        });
        var canvas = image.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        canvas.setColor(new Color(0x8A9A96));
        canvas.fillRoundRect(24, 60, 18, HEIGHT - 120, 8, 8);
        canvas.drawLine(SHALLOW, 30, SHALLOW, HEIGHT - 30);
        canvas.dispose();
        return image;
    }

    private static int water(int x, int y, double at) {
        var deep = Math.min(x, SHALLOW) / WAVELENGTH[0];
        var shallow = Math.max(0, x - SHALLOW) / WAVELENGTH[1];
        var bend = 0.0004 * (y - HEIGHT / 2.0) * (y - HEIGHT / 2.0) / WAVELENGTH[0];
        var height = Math.sin(2 * Math.PI * (deep + shallow + bend - at));
        var light = (int) (120 + 70 * height);
        return light - 40 << 16 | light << 8 | Math.min(255, light + 18);
    }
}
