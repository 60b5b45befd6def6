package notchbook.core.voice;

/** Words that are said in a recording or a clip, from a moment to another in ms. */
public record SpokenLine(long fromMillis, long toMillis, String words) {
    private static final int LONGEST = 1_000;

    public SpokenLine {
        if (fromMillis < 0 || toMillis < fromMillis) {
            throw new IllegalArgumentException("A spoken line ends after it begins. Change its times.");
        }
        if (words.isBlank()) {
            throw new IllegalArgumentException("A spoken line needs words. Write them, or take the line out.");
        }
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException("A spoken line is longer than 1,000 characters. Make two of it.");
        }
    }

    boolean isSaidAt(long millis) {
        return fromMillis <= millis && millis < toMillis;
    }

    /** The same line, ended where {@code next} begins; lines that begin together both last. */
    SpokenLine before(SpokenLine next) {
        return isSaidAt(next.fromMillis) && fromMillis < next.fromMillis
                ? new SpokenLine(fromMillis, next.fromMillis, words)
                : this;
    }
}
