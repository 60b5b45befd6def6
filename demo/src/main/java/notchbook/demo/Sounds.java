package notchbook.demo;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.Map;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** The recordings of the demo notebooks, as WAV: a voice (espeak-ng), claps before a wall, and plucked strings. */
final class Sounds {
    private static final int RATE = 22_050;
    private static final int WAV_HEAD = 44;

    private static final Map<String, String> VOICES = Map.ofEntries(
            Map.entry(
                    "spring",
                    "This is the spring on the corridor floor. When I push it, the coils come close together. That is a compression. Behind it they are far apart. That is a rarefaction. The push runs along to the wall, and the coils stay where they are."),
            Map.entry(
                    "strobe",
                    "One, two, three, four, five. The flashes come five times a second now, and the waves stand still. So the frequency is five hertz."),
            Map.entry(
                    "fronts",
                    "These are the fronts with the motor on slow, all the same distance apart. Here I turn it up. They come closer together, because more of them are made each second. The speed stays as it was. So a higher frequency means a shorter wavelength."),
            Map.entry(
                    "slow", "Watch the left side first. Now the right side. The fronts are closer there, and slower."),
            Map.entry(
                    "steel",
                    "Steel is heavier than air, so I thought it would be slower. But it is much stiffer. Each particle pulls the next one at once. So sound runs through steel at about five thousand metres a second."),
            Map.entry(
                    "prism",
                    "It is quite dark. The white line goes in on the left. On the screen I can see red at the top, then orange, yellow, green, blue, and violet at the bottom. Which one bends most?"),
            Map.entry(
                    "remark",
                    "This is nearly there. You have the way to the wall. Now say where the sound turns round, and draw the way back too."),
            Map.entry(
                    "flood",
                    "It rained for nine days. The brook came over the road at about four in the morning. We carried the chairs upstairs first."),
            Map.entry(
                    "drift",
                    "The orange went in at the second groyne. After ten minutes it is here, that is thirty one metres to the east."),
            Map.entry(
                    "groynes",
                    "We put these in forty years ago. The sand stays here now. But the beach at Merle Dunes is getting narrow, and they ask us why."));

    private static final Map<String, double[]> TUNES = Map.of(
            "rising", new double[] {220, 1, 440, 1, 880, 1},
            "leap", new double[] {262, 0.5, 294, 0.5, 330, 0.5, 330, 0.5, 523, 1.2, 494, 0.6, 440, 1},
            "waltz",
                    new double[] {
                        131, 0.5, 262, 0.4, 262, 0.4, 98, 0.5, 247, 0.4, 247, 0.4, 131, 0.5, 262, 0.4, 262, 0.8
                    },
            "drone",
                    new double[] {147, 0.6, 294, 0.5, 330, 0.5, 392, 0.5, 440, 0.5, 392, 0.5, 147, 0.6, 330, 0.5, 294, 1
                    },
            "motif", new double[] {330, 0.4, 392, 0.4, 349, 0.4, 523, 0.9, 330, 0.4, 277, 0.4, 311, 0.4, 208, 0.9},
            "harmonics", new double[] {196, 1.2, 392, 1.2, 588, 1.4});

    private Sounds() {}

    /** The words of a voice; blank for what is no voice. */
    static String words(String maker, String subject) {
        return maker.equals("voice") || maker.equals("film") ? VOICES.get(subject) : "";
    }

    /** How long a WAV of ours lasts, in ms. */
    static long millis(byte[] wav) {
        return (wav.length - WAV_HEAD) * 1_000L / (2 * RATE);
    }

    static byte[] wav(String maker, String subject) {
        return switch (maker) {
            case "voice" -> voice(VOICES.get(subject));
            case "claps" -> wav(claps(Integer.parseInt(subject)));
            default -> wav(plucked(TUNES.get(subject)));
        };
    }

    private static byte[] voice(String words) {
        try {
            var file = Files.createTempFile("notchbook", ".wav");
            try {
                var process = new ProcessBuilder("espeak-ng", "-v", "en-gb", "-s", "150", "-w", file.toString(), words)
                        .inheritIO()
                        .start();
                if (process.onExit().join().exitValue() != 0) {
                    throw new IOException("espeak-ng could not speak.");
                }
                return Files.readAllBytes(file);
            } finally {
                Files.delete(file);
            }
        } catch (IOException missing) {
            throw new UncheckedIOException("The demo school's voices need Debian's package espeak-ng.", missing);
        }
    }

    /** Claps every 0.28 s, each with its echo from a wall 48 m away. */
    private static double[] claps(int count) {
        var random = new Random(48);
        var sound = new double[(int) (RATE * (count * 0.28 + 1.5))];
        for (var clap = 0; clap < count; clap++) {
            burst(sound, 0.4 + clap * 0.28, 0.8, random);
            burst(sound, 0.4 + clap * 0.28 + 2 * 48 / 343.0, 0.22, random);
        }
        return sound;
    }

    private static void burst(double[] sound, double seconds, double loudness, Random random) {
        var start = (int) (seconds * RATE);
        for (var i = 0; i < RATE / 12 && start + i < sound.length; i++) {
            sound[start + i] += loudness * Math.exp(-i / 180.0) * random.nextGaussian() * 0.4;
        }
    }

    /** Plucked strings (Karplus and Strong): frequency in Hz and length in s, in pairs. */
    private static double[] plucked(double[] tune) {
        var seconds = 0.5;
        for (var i = 1; i < tune.length; i += 2) {
            seconds += tune[i];
        }
        var random = new Random(7);
        var sound = new double[(int) (RATE * seconds)];
        var start = RATE / 5;
        for (var note = 0; note < tune.length; note += 2) {
            var string = random.doubles(Math.round(RATE / tune[note]), -1, 1).toArray();
            for (var i = 0; i < RATE * tune[note + 1] && start + i < sound.length; i++) {
                var at = i % string.length;
                sound[start + i] = 0.6 * string[at];
                string[at] = 0.498 * (string[at] + string[(at + 1) % string.length]);
            }
            start += (int) (RATE * tune[note + 1]);
        }
        return sound;
    }

    private static byte[] wav(double[] sound) {
        var samples = new byte[2 * sound.length];
        for (var i = 0; i < sound.length; i++) {
            var value = (int) (32_000 * Math.clamp(sound[i], -1, 1));
            samples[2 * i] = (byte) value;
            samples[2 * i + 1] = (byte) (value >> 8);
        }
        var out = new ByteArrayOutputStream();
        var stream = new AudioInputStream(
                new ByteArrayInputStream(samples), new AudioFormat(RATE, 16, 1, true, false), sound.length);
        try {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}
