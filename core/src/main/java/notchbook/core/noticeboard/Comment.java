package notchbook.core.noticeboard;

import java.util.Optional;
import java.util.UUID;

/**
 * What somebody says about a piece, typed or spoken, or in answer to what another said. A hidden one is kept from the class by
 * its teacher; to a closed one nothing is answered any more.
 */
public record Comment(
        UUID id,
        UUID pieceId,
        UUID authorId,
        String words,
        Optional<UUID> soundId,
        Optional<UUID> answerTo,
        boolean isHidden,
        boolean isClosed) {
    private static final int LONGEST = 1_000;

    public Comment {
        words = words.strip();
        if (words.length() > LONGEST || (words.isEmpty() && soundId.isEmpty())) {
            throw new IllegalArgumentException("Say it in 1 to 1,000 letters, or aloud.");
        }
    }

    public boolean isBy(UUID person) {
        return authorId.equals(person);
    }

    /** A hidden one is still seen by the teacher who hid it, and by whoever said it, so that they know. */
    public boolean isSeenBy(Viewer viewer, UUID person) {
        return !isHidden || viewer == Viewer.TEACHER || isBy(person);
    }

    /** Whether somebody can close it: whose piece it is about, or their teacher. */
    public static boolean canBeClosedBy(Viewer viewer) {
        return viewer == Viewer.OWNER || viewer == Viewer.TEACHER;
    }

    public static boolean canBeHiddenBy(Viewer viewer) {
        return viewer == Viewer.TEACHER;
    }
}
