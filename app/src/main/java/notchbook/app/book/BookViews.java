package notchbook.app.book;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Glimpse;
import notchbook.core.book.BookLack;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPiece;
import notchbook.core.text.WordRange;

/** Books, as screens are sent them. */
final class BookViews {
    private BookViews() {}

    /** A book with how many pages it has that are not left out, and how many pieces. */
    record BookLine(UUID id, String title, LocalDate madeOn, int pages, int pieces) {}

    record BookPageView(
            UUID id,
            Optional<UUID> notebook,
            BookPart.Kind kind,
            String heading,
            String question,
            WordRange range,
            boolean leftOut,
            String words,
            List<BookPiece> pieces,
            int version) {
        static BookPageView of(KeptPage kept) {
            var page = kept.page();
            return new BookPageView(
                    page.id(),
                    page.notebook(),
                    page.part().kind(),
                    page.part().heading(),
                    page.part().question(),
                    page.part().words(),
                    page.leftOut(),
                    page.words(),
                    page.pieces(),
                    kept.version());
        }
    }

    /** A book while it is made; {@code work} is what its pieces are known again by, {@code home} the notebook that it is sent from. */
    record BookView(
            UUID id,
            String title,
            String forWhom,
            Optional<UUID> home,
            List<BookPageView> pages,
            List<Glimpse> work,
            List<BookLack> lacks) {}

    /** A piece that is offered, with why. */
    record OfferView(Glimpse piece, List<String> reasons) {}
}
