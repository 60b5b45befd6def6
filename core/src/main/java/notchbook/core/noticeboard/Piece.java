package notchbook.core.noticeboard;

import java.util.Optional;
import java.util.UUID;

/** A piece of work that a student shows, frozen as it was then. The rules say who sees it, and who moves it where. */
public record Piece(UUID id, UUID classId, UUID ownerId, Audience audience, Standing standing) {
    /** A piece that its student shows now. A class whose teacher wants to see pieces first does not see it before that. */
    public static Piece shown(UUID id, UUID classId, UUID ownerId, Audience audience, boolean asksFirst) {
        var waits = asksFirst && audience == Audience.CLASS;
        return new Piece(id, classId, ownerId, audience, waits ? Standing.ASKED : Standing.SHOWN);
    }

    public boolean isSeenBy(Viewer viewer) {
        return switch (viewer) {
            case OWNER -> true;
            case TEACHER -> standing != Standing.TAKEN_BACK;
            case CLASSMATE -> audience == Audience.CLASS && standing == Standing.SHOWN;
            case OTHER -> false;
        };
    }

    /** Whether somebody can say something about it: all who see it, as long as it is shown. */
    public boolean isOpenTo(Viewer viewer) {
        return standing == Standing.SHOWN && isSeenBy(viewer);
    }

    /** The same where somebody wants it to stand; empty where they can't put it there. */
    public Optional<Piece> movedBy(Viewer viewer, Standing to) {
        var mayMove =
                switch (viewer) {
                    case OWNER -> to == Standing.TAKEN_BACK;
                    case TEACHER -> isSeenBy(viewer) && (to == Standing.SHOWN || to == Standing.NOT_YET);
                    case CLASSMATE, OTHER -> false;
                };
        return mayMove ? Optional.of(new Piece(id, classId, ownerId, audience, to)) : Optional.empty();
    }
}
