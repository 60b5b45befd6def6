package notchbook.browser;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import notchbook.core.talk.TalkThrough;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import notchbook.core.voice.TimedNotes;
import notchbook.core.voice.Trim;
import org.teavm.jso.JSExport;

/** The rules of time in recordings, in ms; described for TypeScript in {@code web/src/core/voice.d.ts}. */
public final class VoiceRules {
    private VoiceRules() {}

    /** The moment of what was made at a time; -1 where it was not made meanwhile. Stretches go as start and length. */
    @JSExport
    public static double momentOf(double[] stretches, double madeAt) {
        return take(stretches).momentOf((long) madeAt).orElse(-1);
    }

    private static Take take(double[] stretches) {
        var parts = new ArrayList<Stretch>();
        for (var i = 0; i + 1 < stretches.length; i += 2) {
            parts.add(new Stretch((long) stretches[i], (long) stretches[i + 1]));
        }
        return Take.recorded(List.of(), parts);
    }

    /** Which of the notes with these moments light up while a moment plays. */
    @JSExport
    public static int[] litAt(double[] moments, double at) {
        return new TimedNotes(whole(moments)).litAt((long) at);
    }

    private static long[] whole(double[] numbers) {
        var whole = new long[numbers.length];
        for (var i = 0; i < numbers.length; i++) {
            whole[i] = (long) numbers[i];
        }
        return whole;
    }

    @JSExport
    public static double playFrom(double moment) {
        return TimedNotes.playFrom((long) moment);
    }

    /** The moment nearest to one that is heard of a sound that was trimmed. */
    @JSExport
    public static double nearest(double from, double to, double moment) {
        return new Trim((long) from, (long) to).nearest((long) moment);
    }

    /** Whether a moment is still heard of a sound that was trimmed. */
    @JSExport
    public static boolean holds(double from, double to, double moment) {
        return new Trim((long) from, (long) to).holds((long) moment);
    }

    /** Whether enough is left between two moments. */
    @JSExport
    public static boolean canTrim(double from, double to) {
        return from >= 0 && to - from >= Trim.SHORTEST;
    }

    /** The places in the list of the lines (from and to, flat) that are said at a moment. */
    @JSExport
    public static int[] saidAt(double[] lines, double moment) {
        return spoken(lines).at((long) moment).stream()
                .mapToInt(line -> Integer.parseInt(line.words()))
                .toArray();
    }

    /** Lines by their times; the words of each are its place in the list. */
    private static SpokenLines spoken(double[] lines) {
        var spoken = new ArrayList<SpokenLine>();
        for (var i = 0; i + 1 < lines.length; i += 2) {
            spoken.add(new SpokenLine((long) lines[i], (long) lines[i + 1], String.valueOf(i / 2)));
        }
        return new SpokenLines(spoken);
    }

    /** The times of all lines, flat, when one more is tapped in at a moment. */
    @JSExport
    public static double[] tapped(double[] lines, double moment, double length) {
        var after = spoken(lines).tapped((long) moment, "new", (long) length).all();
        var times = new double[2 * after.size()];
        for (var i = 0; i < after.size(); i++) {
            times[2 * i] = after.get(i).fromMillis();
            times[2 * i + 1] = after.get(i).toMillis();
        }
        return times;
    }

    /** A drawing to be played back: when each thing was made (NaN where nobody knows) and how long that took. */
    @JSExport
    public static Drawn talkThrough(double[] stretches, double[] madeAt, double[] lasting) {
        var drawn = new ArrayList<TalkThrough.Drawn>();
        for (var i = 0; i < madeAt.length; i++) {
            drawn.add(new TalkThrough.Drawn(
                    Double.isNaN(madeAt[i]) ? OptionalLong.empty() : OptionalLong.of((long) madeAt[i]),
                    (long) lasting[i]));
        }
        return new Drawn(TalkThrough.of(take(stretches), drawn));
    }

    /** A drawing as it is played back. */
    public static final class Drawn {
        private final TalkThrough talk;

        Drawn(TalkThrough talk) {
            this.talk = talk;
        }

        @JSExport
        public boolean isDrawn() {
            return talk.isDrawn();
        }

        @JSExport
        public int[] shownAt(double moment) {
            return talk.shownAt((long) moment);
        }

        /** The next step after a moment; -1 behind the last. */
        @JSExport
        public double stepAfter(double moment) {
            return talk.stepAfter((long) moment).orElse(-1);
        }

        @JSExport
        public double stepBefore(double moment) {
            return talk.stepBefore((long) moment);
        }
    }
}
