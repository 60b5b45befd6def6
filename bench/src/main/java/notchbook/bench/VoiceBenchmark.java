package notchbook.bench;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Thing;
import notchbook.core.talk.Talk;
import notchbook.core.voice.Loudness;
import notchbook.core.voice.Silence;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import notchbook.formats.talk.TalkFrames;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What is worked out from an hour of sound, and from a drawing of 1,000 strokes that took that hour. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 2)
@Fork(value = 1, jvmArgsAppend = "-Xmx1g")
public class VoiceBenchmark {
    private static final int SAMPLES_PER_SECOND = 8_000;
    private static final int SECONDS = 3_600;
    private static final int STROKES = 1_000;
    private static final int PEAKS = 1_200;
    private static final int WIDTH_PX = 1_280;
    private static final int PICTURES_PER_SECOND = 12;

    private short[] second;
    private Loudness hour;
    private Talk talk;
    private TalkFrames frames;
    private long moment;

    @Setup
    public void make() {
        var random = new Random(7);
        second = new short[SAMPLES_PER_SECOND];
        for (var i = 0; i < second.length; i++) {
            second[i] = (short) random.nextInt(-9_000, 9_000);
        }
        hour = loudnessOfAnHour();
        var take = Take.recorded(List.of(), List.of(new Stretch(0, SECONDS * 1_000L)));
        var things = IntStream.range(0, STROKES)
                .<Thing>mapToObj(i -> new Thing.Ink(new UUID(0, i), false, stroke(i, random)))
                .toList();
        talk = Talk.of(take, new Layer(800, 450, things));
    }

    @Setup(Level.Iteration)
    public void rewind() {
        frames = new TalkFrames(talk, Optional.empty(), WIDTH_PX);
        moment = 0;
    }

    private static Stroke stroke(int number, Random random) {
        var x = random.nextInt(600);
        var y = random.nextInt(400);
        var points = IntStream.range(0, 60)
                .mapToObj(i -> new InkPoint(x + 3 * i, y + 20 * Math.sin(i / 6.0), 0.5, 16 * i))
                .toList();
        return new Stroke(Tool.PEN, "#0E5A66", 4, points, OptionalLong.of(SECONDS * 1_000L / STROKES * number));
    }

    /** Levels of an hour of sound, sample by sample. */
    @Benchmark
    public Loudness loudnessOfAnHour() {
        var gathering = new Loudness.Gathering(SAMPLES_PER_SECOND);
        for (var i = 0; i < SECONDS; i++) {
            for (var sample : second) {
                gathering.add(sample);
            }
        }
        return gathering.loudness();
    }

    /** Peaks and silences of an hour, from its levels. */
    @Benchmark
    public int peaksAndSilencesOfAnHour() {
        return hour.peaks(PEAKS).size() + Silence.of(hour).size();
    }

    /** The next picture of a film, 1,280 px wide; most of them are as the one before. */
    @Benchmark
    public Object nextPictureOfATalkThrough() {
        moment += 1_000 / PICTURES_PER_SECOND;
        return frames.at(moment % (SECONDS * 1_000L));
    }

    /** How much of each stroke is there at a moment. */
    @Benchmark
    public int[] shownAtAMoment() {
        return talk.through().shownAt(SECONDS * 500L);
    }
}
