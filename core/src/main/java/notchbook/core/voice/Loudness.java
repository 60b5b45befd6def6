package notchbook.core.voice;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How loud a recording is: the greatest swing of each window of {@value #WINDOW_MILLIS} ms, from 0 to {@value #FULL}, in
 * order of time. Two hours are 360,000 windows.
 */
public final class Loudness {
    public static final int WINDOW_MILLIS = 20;
    public static final int FULL = 32_768;

    private static final double SPEECH = 0.95;

    private final int[] levels;
    private final int[] sorted;

    private Loudness(int[] levels) {
        this.levels = levels;
        this.sorted = levels.clone();
        Arrays.sort(sorted);
    }

    public static Loudness of(int... levels) {
        return new Loudness(levels.clone());
    }

    public int windows() {
        return levels.length;
    }

    public long lengthMillis() {
        return (long) levels.length * WINDOW_MILLIS;
    }

    int level(int window) {
        return levels[window];
    }

    /** The level that a share (0 to 1) of the windows does not reach; 0 without any. */
    int percentile(double share) {
        return sorted.length == 0 ? 0 : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
    }

    /** The level that one window in twenty exceeds, which is that of speech where there is some. */
    int speech() {
        return percentile(SPEECH);
    }

    /** At most {@code bars} peaks in equal steps over the whole length, from 0 to 100 for the loudest. */
    public List<Integer> peaks(int bars) {
        var count = Math.min(bars, levels.length);
        var loudest = Math.max(1, percentile(1));
        return IntStream.range(0, count)
                .map(bar -> IntStream.range(start(bar, count), Math.max(start(bar, count) + 1, start(bar + 1, count)))
                        .map(this::level)
                        .max()
                        .orElse(0))
                .mapToObj(peak -> 100 * peak / loudest)
                .toList();
    }

    private int start(int bar, int count) {
        return (int) ((long) bar * levels.length / count);
    }

    /** Takes samples one after the other, so that a sound of any length needs little room. */
    public static final class Gathering {
        private final int samplesPerWindow;
        private int[] levels = new int[1_024];
        private int count;
        private int taken;
        private int loudest;

        public Gathering(int samplesPerSecond) {
            samplesPerWindow = samplesPerSecond * WINDOW_MILLIS / 1_000;
        }

        public void add(short sample) {
            loudest = Math.max(loudest, Math.abs(sample));
            if (++taken == samplesPerWindow) {
                close();
            }
        }

        public long lengthMillis() {
            return (long) count * WINDOW_MILLIS;
        }

        public Loudness loudness() {
            if (taken > 0) {
                close();
            }
            return new Loudness(Arrays.copyOf(levels, count));
        }

        private void close() {
            if (count == levels.length) {
                levels = Arrays.copyOf(levels, 2 * count);
            }
            levels[count++] = loudest;
            taken = 0;
            loudest = 0;
        }
    }
}
