package notchbook.core.growth;

/**
 * Two of several pieces, counted from 0 in order of time. Pairs come in a round: the first beside the latest, then each piece beside the
 * one after it.
 */
public record Pair(int earlier, int later) {
    public Pair {
        if (earlier < 0 || later <= earlier) {
            throw new IllegalArgumentException("A pair is an earlier piece and a later one.");
        }
    }

    /** The first beside the latest of {@code count} pieces, two at least. */
    public static Pair widest(int count) {
        return new Pair(0, count - 1);
    }

    /** The pair after this one; after the last of them the round begins anew. */
    public Pair next(int count) {
        if (equals(widest(count))) {
            return new Pair(0, 1);
        }
        return later + 1 < count ? new Pair(later, later + 1) : widest(count);
    }

    /** The pair before this one. */
    public Pair before(int count) {
        if (equals(widest(count))) {
            return new Pair(count - 2, count - 1);
        }
        return earlier > 0 ? new Pair(earlier - 1, earlier) : widest(count);
    }
}
