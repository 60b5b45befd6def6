package notchbook.app.media;

import java.util.List;
import notchbook.core.voice.Audibility;
import notchbook.core.voice.Loudness;
import notchbook.core.voice.Silence;

/**
 * What is known of a recording: its length in seconds, its peaks from 0 to 100 in equal steps, where nothing is said, and
 * whether it can be heard.
 */
public record Sound(double seconds, List<Integer> peaks, List<Silence> silences, Audibility audibility) {
    /** Peaks for a waveform as wide as a page, and for a closer look at a part of it. */
    private static final int MOST_PEAKS = 1_200;

    private static final double MILLIS_PER_SECOND = 1_000;

    static Sound of(Loudness loudness) {
        return new Sound(
                loudness.lengthMillis() / MILLIS_PER_SECOND,
                loudness.peaks(MOST_PEAKS),
                Silence.of(loudness),
                Audibility.of(loudness));
    }
}
