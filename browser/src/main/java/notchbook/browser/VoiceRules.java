package notchbook.browser;

import java.util.ArrayList;
import java.util.List;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import notchbook.core.voice.TimedNotes;
import org.teavm.jso.JSExport;

/** The rules of time in recordings, in ms; described for TypeScript in {@code web/src/core/voice.d.ts}. */
public final class VoiceRules {
    private VoiceRules() {}

    /** The moment of what was made at a time; -1 where it was not made meanwhile. Stretches go as start and length. */
    @JSExport
    public static double momentOf(double[] stretches, double madeAt) {
        var parts = new ArrayList<Stretch>();
        for (var i = 0; i + 1 < stretches.length; i += 2) {
            parts.add(new Stretch((long) stretches[i], (long) stretches[i + 1]));
        }
        return new Take(List.of(), parts).momentOf((long) madeAt).orElse(-1);
    }

    /** Which of the notes with these moments light up while a moment plays. */
    @JSExport
    public static int[] litAt(double[] moments, double at) {
        var whole = new long[moments.length];
        for (var i = 0; i < moments.length; i++) {
            whole[i] = (long) moments[i];
        }
        return new TimedNotes(whole).litAt((long) at);
    }

    @JSExport
    public static double playFrom(double moment) {
        return TimedNotes.playFrom((long) moment);
    }
}
