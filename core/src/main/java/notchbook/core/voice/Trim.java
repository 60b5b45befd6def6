package notchbook.core.voice;

/**
 * What is left of a sound or a clip that was trimmed at both ends, in ms. Its times stay those of the whole, so that no
 * moment shifts; what lies outside is not heard or shown, and is there again when the trim is taken back.
 */
public record Trim(long fromMillis, long toMillis) {
    /** Less than this could not be heard; in ms. */
    public static final int SHORTEST = 500;

    public Trim {
        if (fromMillis < 0 || toMillis - fromMillis < SHORTEST) {
            throw new IllegalArgumentException("At least half a second has to be left. Trim less.");
        }
    }

    /** Whether a moment is still heard. */
    public boolean holds(long millis) {
        return fromMillis <= millis && millis <= toMillis;
    }

    /** The nearest moment that is still heard. */
    public long nearest(long millis) {
        return Math.clamp(millis, fromMillis, toMillis);
    }

    /** A moment as it is in a copy that begins where this does. */
    public long inCopy(long millis) {
        return nearest(millis) - fromMillis;
    }

    /** A line as it is in such a copy; asked only of lines of which something is heard. */
    private SpokenLine inCopy(SpokenLine line) {
        return new SpokenLine(inCopy(line.fromMillis()), inCopy(line.toMillis()), line.words());
    }

    /** The lines of a copy that begins where this does; those that are wholly outside are not in it. */
    public SpokenLines inCopy(SpokenLines lines) {
        return new SpokenLines(lines.all().stream()
                .filter(line -> line.fromMillis() < toMillis && line.toMillis() > fromMillis)
                .map(this::inCopy)
                .toList());
    }
}
