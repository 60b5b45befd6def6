package notchbook.app.book;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.UUID;
import notchbook.app.book.BookViews.BookLine;
import notchbook.app.book.BookViews.BookPageView;
import notchbook.app.book.BookViews.BookView;
import notchbook.app.book.BookViews.OfferView;
import notchbook.app.entry.Glimpse;
import notchbook.app.entry.Glimpses;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.core.book.BookPage;
import notchbook.core.book.Offer;
import org.springframework.stereotype.Component;

/** Puts together what lies on the desk while a book is made. */
@Component
class BookDesk {
    private final Books books;
    private final Binding binding;
    private final Offers offers;
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final Glimpses glimpses;

    BookDesk(
            Books books,
            Binding binding,
            Offers offers,
            Notebooks notebooks,
            NotebookEntries entries,
            Glimpses glimpses) {
        this.books = books;
        this.binding = binding;
        this.offers = offers;
        this.notebooks = notebooks;
        this.entries = entries;
        this.glimpses = glimpses;
    }

    List<BookLine> lines(Person reader) {
        return books.of(reader).stream().map(this::line).toList();
    }

    private BookLine line(Book book) {
        var pages = books.pages(book).stream()
                .map(KeptPage::page)
                .filter(page -> !page.leftOut())
                .toList();
        return new BookLine(
                book.id(),
                book.title(),
                book.madeOn(),
                pages.size(),
                pages.stream().mapToInt(page -> page.pieces().size()).sum());
    }

    BookView view(Person reader, UUID id) {
        var book = books.require(reader, id);
        var kept = books.pages(book);
        var pages = kept.stream().map(KeptPage::page).toList();
        return new BookView(
                book.id(),
                book.title(),
                book.forWhom(),
                books.notebooks(reader, pages).stream().map(Notebook::id).findFirst(),
                kept.stream().map(BookPageView::of).toList(),
                glimpses.of(entries.among(
                        ids(notebooks.of(reader)),
                        pages.stream().flatMap(BookPage::shown).collect(toSet()))),
                binding.lacks(reader, pages));
    }

    List<OfferView> offers(Person reader, UUID notebookId) {
        var all = offers.of(reader, notebookId);
        var seen = glimpses
                .of(entries.among(
                        List.of(notebookId), all.stream().map(Offer::entry).toList()))
                .stream()
                .collect(toMap(Glimpse::id, identity()));
        return all.stream()
                .filter(offer -> seen.containsKey(offer.entry()))
                .map(offer -> new OfferView(seen.get(offer.entry()), offer.reasons()))
                .toList();
    }

    private static List<UUID> ids(List<Notebook> all) {
        return all.stream().map(Notebook::id).toList();
    }
}
