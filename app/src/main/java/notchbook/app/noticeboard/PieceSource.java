package notchbook.app.noticeboard;

import java.util.UUID;

/** What of their own a student shows. */
public sealed interface PieceSource {
    UUID id();

    record OfEntry(UUID id) implements PieceSource {}

    record OfPage(UUID id) implements PieceSource {}

    record OfCollection(UUID id) implements PieceSource {}
}
