package notchbook.app.noticeboard;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.core.noticeboard.Piece;

/**
 * A piece with what is seen of it on the board: its name, what its student and its teacher say along with it, the topics that it is
 * about, and by what it is known again.
 */
public record BoardPiece(
        Piece piece,
        PieceSource source,
        String title,
        String words,
        String teacherWords,
        List<String> topics,
        EntryKind kind,
        Optional<UUID> picture,
        String firstWords,
        Instant shownAt) {}
