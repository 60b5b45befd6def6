package notchbook.core.book;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.text.WordRange;
import notchbook.core.text.Words;

/** Something that a book still lacks, with the page where it is mended, and the piece if it is about one. */
public record BookLack(UUID page, Optional<UUID> piece, String words) {

    /** What is known of what a book refers to: the pieces that are there, by their names, and the notebooks that have figures. */
    public interface Around {
        /** The name of a live entry; empty for one that is in the bin or gone. */
        Optional<String> nameOf(UUID entry);

        Set<UUID> withFigures();
    }

    /** All that is missing on pages that are not left out, in the order of the book. */
    public static List<BookLack> of(List<BookPage> pages, Around around) {
        return pages.stream()
                .filter(page -> !page.leftOut())
                .flatMap(page -> of(page, around))
                .toList();
    }

    private static Stream<BookLack> of(BookPage page, Around around) {
        var heading = "“" + page.part().heading() + "”";
        return switch (page.part().kind()) {
            case WORDS ->
                outside(page.words(), page.part().words())
                        .map(lack -> new BookLack(page.id(), Optional.empty(), heading + ": " + lack))
                        .stream();
            case FIGURES ->
                page.notebook().filter(around.withFigures()::contains).isPresent()
                        ? Stream.empty()
                        : Stream.of(new BookLack(
                                page.id(),
                                Optional.empty(),
                                heading + ": nothing can be counted yet. Leave this page out"));
            case SUBJECT ->
                page.pieces().isEmpty()
                        ? Stream.of(new BookLack(page.id(), Optional.empty(), heading + ": no piece is chosen yet"))
                        : page.pieces().stream().flatMap(piece -> of(page, piece, around));
        };
    }

    private static Stream<BookLack> of(BookPage page, BookPiece piece, Around around) {
        var gone = Stream.concat(Stream.of(piece.entry()), piece.beside().stream())
                .anyMatch(entry -> around.nameOf(entry).isEmpty());
        if (gone) {
            return Stream.of(new BookLack(
                    page.id(),
                    Optional.of(piece.entry()),
                    "“%s”: a piece is in the bin. Bring it back, or take it out of the book"
                            .formatted(page.part().heading())));
        }
        return outside(piece.why(), page.part().words())
                .map(lack -> new BookLack(
                        page.id(),
                        Optional.of(piece.entry()),
                        "“%s”, why: %s".formatted(around.nameOf(piece.entry()).orElseThrow(), lack)))
                .stream();
    }

    private static Optional<String> outside(String words, WordRange range) {
        var count = Words.count(words);
        return range.contains(count)
                ? Optional.empty()
                : Optional.of("%d %s, it asks for %d to %d"
                        .formatted(count, count == 1 ? "word" : "words", range.least(), range.most()));
    }
}
