package notchbook.core.voice;

/** Whether a recording can be heard, by the level of its speech. */
public enum Audibility {
    /** Nothing is on it: a microphone that was off. */
    SILENT,
    /** There is something, far too low to listen to. */
    TOO_QUIET,
    CLEAR;

    /** 54 dB below full scale, where the hiss of a microphone alone lies. */
    private static final int HISS = 65;

    /** 34 dB below full scale: speech from the other end of a room. */
    private static final int FAR = 650;

    public static Audibility of(Loudness loudness) {
        var speech = loudness.speech();
        return speech < HISS ? SILENT : speech < FAR ? TOO_QUIET : CLEAR;
    }
}
