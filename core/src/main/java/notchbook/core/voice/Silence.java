package notchbook.core.voice;

import java.util.ArrayList;
import java.util.List;

/**
 * A stretch of a recording in which nothing is said, in ms, for a listener to skip. A room is never silent: a window is
 * quiet when it is not much louder than the quiet tenth of the recording, and far below its speech. A click does not end a
 * silence; a short rest is none; at both ends a little is left, so that words are not cut.
 */
public record Silence(long fromMillis, long toMillis) {
    /** A shorter rest belongs to the speech. */
    static final int SHORTEST_MILLIS = 800;

    /** What is left of it before and after words. */
    static final int MARGIN_MILLIS = 200;

    private static final double ROOM = 0.1;
    private static final int TIMES_ROOM = 3;

    /** 20 dB below speech. */
    private static final int BELOW_SPEECH = 10;

    /** 60 dB below full scale: below it there is nothing to hear. */
    private static final int INAUDIBLE = Loudness.FULL / 1_000;

    /** Windows of a click or a pen that is put down. */
    private static final int LONGEST_CLICK = 2;

    public static List<Silence> of(Loudness loudness) {
        var quiet =
                Math.max(INAUDIBLE, Math.min(TIMES_ROOM * loudness.percentile(ROOM), loudness.speech() / BELOW_SPEECH));
        var found = new ArrayList<Silence>();
        var from = 0;
        var loud = 0;
        for (var window = 0; window < loudness.windows(); window++) {
            loud = loudness.level(window) > quiet ? loud + 1 : 0;
            if (loud > LONGEST_CLICK) {
                add(found, from, window - loud + 1);
                from = window + 1;
            }
        }
        add(found, from, loudness.windows() - loud);
        return List.copyOf(found);
    }

    private static void add(List<Silence> found, int fromWindow, int toWindow) {
        var from = (long) fromWindow * Loudness.WINDOW_MILLIS;
        var to = (long) toWindow * Loudness.WINDOW_MILLIS;
        if (to - from >= SHORTEST_MILLIS) {
            found.add(new Silence(from + MARGIN_MILLIS, to - MARGIN_MILLIS));
        }
    }
}
