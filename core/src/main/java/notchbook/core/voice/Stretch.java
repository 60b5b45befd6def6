package notchbook.core.voice;

/** A part of a recording between two pauses: when it began, in ms since 1970, and how long it runs, in ms. */
public record Stretch(long startedAtMillis, long lengthMillis) {
    public Stretch {
        if (lengthMillis < 0) {
            throw new IllegalArgumentException("A part of a recording can't end before it begins.");
        }
    }

    long endedAtMillis() {
        return startedAtMillis + lengthMillis;
    }
}
