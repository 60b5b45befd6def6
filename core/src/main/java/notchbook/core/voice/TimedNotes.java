package notchbook.core.voice;

import java.util.stream.IntStream;

/** Notes that were made while a recording ran, each by its moment in ms, and how playing and they go together. */
public record TimedNotes(long... moments) {
    /** A hand comes after the word: a note is played from this long before it was made. In ms. */
    static final int BEFORE_A_NOTE = 3_000;

    /** A note lights up until the next one was made, and no longer than this. In ms. */
    static final int LONGEST_LIGHT = 20_000;

    /** The places in the list of those that light up while a moment plays; several that were made together light together. */
    public int[] litAt(long millis) {
        var newest = IntStream.range(0, moments.length)
                .filter(i -> moments[i] <= millis)
                .mapToLong(i -> moments[i])
                .max();
        return IntStream.range(0, moments.length)
                .filter(i -> newest.isPresent() && moments[i] == newest.getAsLong())
                .filter(i -> millis - moments[i] < LONGEST_LIGHT)
                .toArray();
    }

    /** Where playing begins for a note. */
    public static long playFrom(long moment) {
        return Math.max(0, moment - BEFORE_A_NOTE);
    }
}
