package notchbook.core.voice;

import java.util.UUID;

/** A moment of a recording that was marked, in ms of its sound, with a name that may be empty. */
public record Moment(UUID id, long atMillis, String name) {
    private static final int LONGEST_NAME = 120;

    public Moment {
        if (atMillis < 0) {
            throw new IllegalArgumentException("A moment of a recording can't lie before its start.");
        }
        if (name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("The name of a moment is longer than 120 characters. Shorten it.");
        }
    }
}
