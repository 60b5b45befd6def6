package notchbook.app.mark;

import java.util.UUID;
import notchbook.core.mark.MarkShape;

/** A kind of mark that a student made. */
public record OwnMark(UUID id, String name, MarkShape shape) {
    private static final int LONGEST_NAME = 40;

    public OwnMark {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("Give the mark a name of up to 40 characters.");
        }
    }
}
