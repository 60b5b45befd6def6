package notchbook.core.book;

import java.util.Optional;
import java.util.UUID;

/** A piece of work in the book: the entry, an earlier one beside it where both are then and now, what it shows, and why it is here. */
public record BookPiece(UUID entry, Optional<UUID> beside, String shows, String why) {
    private static final int LONGEST_SHOWS = 500;
    private static final int LONGEST_WHY = 10_000;

    public BookPiece {
        if (shows.length() > LONGEST_SHOWS) {
            throw new IllegalArgumentException("Say what a piece shows in up to 500 characters.");
        }
        if (why.length() > LONGEST_WHY) {
            throw new IllegalArgumentException("Say why a piece is here in up to 10,000 characters.");
        }
        if (beside.equals(Optional.of(entry))) {
            throw new IllegalArgumentException("Then and now are two different pieces.");
        }
    }
}
