package notchbook.app.book;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.book.BookViews.BookLine;
import notchbook.app.book.BookViews.BookView;
import notchbook.app.book.BookViews.OfferView;
import notchbook.app.people.Person;
import notchbook.core.book.BookPage;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPattern;
import notchbook.core.book.BookPiece;
import notchbook.core.text.WordRange;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BookController {
    private final Books books;
    private final BookDesk desk;

    BookController(Books books, BookDesk desk) {
        this.books = books;
        this.desk = desk;
    }

    /** The pattern counts where the book is a new one; without one it begins with ours. */
    record BookBody(String title, String forWhom, Optional<UUID> pattern) {
        Books.Naming naming() {
            return new Books.Naming(title, forWhom, pattern.orElse(BookPattern.YEAR.id()));
        }
    }

    record BookOrder(List<UUID> pages) {}

    /** A page; what kind it is and what it asks counts where the page is a new one. */
    record BookPageBody(
            Optional<UUID> notebook,
            BookPart.Kind kind,
            String heading,
            String question,
            WordRange range,
            boolean leftOut,
            String words,
            List<BookPiece> pieces,
            int baseVersion) {
        Books.Change change(UUID id) {
            return new Books.Change(
                    baseVersion,
                    new BookPage(id, notebook, new BookPart(kind, heading, question, range), leftOut, words, pieces));
        }
    }

    record BookPageKept(int version) {}

    @GetMapping("/api/books")
    List<BookLine> all(@AuthenticationPrincipal Person reader) {
        return desk.lines(reader);
    }

    @GetMapping("/api/books/{id}")
    BookView book(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return desk.view(reader, id);
    }

    /** Begins a book with pages for every notebook, or names it anew. */
    @PutMapping("/api/books/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody BookBody body) {
        books.keep(reader, id, body.naming());
    }

    @DeleteMapping("/api/books/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        books.delete(reader, id);
    }

    @PostMapping("/api/books/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        books.restore(reader, id);
    }

    @PutMapping("/api/books/{id}/pages/{page}")
    BookPageKept keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID page,
            @RequestBody BookPageBody body) {
        return new BookPageKept(books.keep(reader, id, body.change(page)));
    }

    @PutMapping("/api/books/{id}/order")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void order(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody BookOrder body) {
        books.order(reader, id, body.pages());
    }

    /** What is offered for the pages of a notebook, the strongest reasons first. */
    @GetMapping("/api/notebooks/{id}/book-offers")
    List<OfferView> offers(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return desk.offers(reader, id);
    }
}
