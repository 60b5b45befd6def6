package notchbook.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** A page of a book; one that is left out keeps what is on it. A page of words has no pieces, one of figures has nothing of its own. */
public record BookPage(
        UUID id, Optional<UUID> notebook, BookPart part, boolean leftOut, String words, List<BookPiece> pieces) {
    private static final int LONGEST_WORDS = 20_000;
    private static final int MOST_PIECES = 40;

    public BookPage {
        pieces = List.copyOf(pieces);
        if (part.hasNotebook() != notebook.isPresent()) {
            throw new IllegalArgumentException("Pieces and figures are those of one notebook.");
        }
        if (words.length() > LONGEST_WORDS) {
            throw new IllegalArgumentException("A page has up to 20,000 characters. Make it two.");
        }
        if (pieces.size() > MOST_PIECES) {
            throw new IllegalArgumentException("A page has up to 40 pieces. Choose those that say most.");
        }
        if (!pieces.isEmpty() && part.kind() != BookPart.Kind.SUBJECT) {
            throw new IllegalArgumentException("Pieces stand on the page of their subject.");
        }
    }

    /** A notebook by its title. */
    public record Subject(UUID notebook, String title) {}

    /** The pages that a book begins with: what has to do with notebooks for each of them, then the rest, in the order of the parts. */
    public static List<BookPage> begin(List<BookPart> parts, List<Subject> subjects, Supplier<UUID> ids) {
        var pages = new ArrayList<BookPage>();
        for (var subject : subjects) {
            parts.stream()
                    .filter(BookPart::hasNotebook)
                    .map(part -> empty(
                            ids.get(),
                            Optional.of(subject.notebook()),
                            part.headed(subject.title() + ", " + lowered(part.heading()))))
                    .forEach(pages::add);
        }
        parts.stream()
                .filter(part -> !part.hasNotebook())
                .map(part -> empty(ids.get(), Optional.empty(), part))
                .forEach(pages::add);
        return List.copyOf(pages);
    }

    private static BookPage empty(UUID id, Optional<UUID> notebook, BookPart part) {
        return new BookPage(id, notebook, part, false, "", List.of());
    }

    private static String lowered(String heading) {
        return heading.substring(0, 1).toLowerCase(Locale.ROOT) + heading.substring(1);
    }

    /** All entries that are shown on it. */
    public Stream<UUID> shown() {
        return pieces.stream().flatMap(piece -> Stream.concat(piece.beside().stream(), Stream.of(piece.entry())));
    }
}
