package notchbook.app.book;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.book.BookPage;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The books of students, kept page by page. */
@Service
public class Books {
    private static final int LONGEST_TITLE = 200;
    /** Two for each of more notebooks than anybody keeps, and as many as one likes. */
    private static final int MOST_PAGES = 2_000;

    private final BookStore store;
    private final BookPatterns patterns;
    private final Notebooks notebooks;
    private final SchoolClock clock;

    Books(BookStore store, BookPatterns patterns, Notebooks notebooks, SchoolClock clock) {
        this.store = store;
        this.patterns = patterns;
        this.notebooks = notebooks;
        this.clock = clock;
    }

    /** A page as a device has it now, and the version that it was made from; 0 for a page that it adds. */
    public record Change(int baseVersion, BookPage page) {}

    List<Book> of(Person reader) {
        reader.requireStudent();
        return store.of(reader.id());
    }

    /** A book of the reader's own that was not deleted. */
    Book require(Person reader, UUID id) {
        return own(reader, store.live(id));
    }

    private static Book own(Person reader, Optional<Book> found) {
        return found.filter(book -> book.ownerId().equals(reader.id())).orElseThrow(() -> Refusal.notFound("book"));
    }

    /** What a book of the reader's own is called. */
    public String titleOf(Person reader, UUID id) {
        return require(reader, id).title();
    }

    /** The pages of a book of the reader's own, in order. */
    public List<BookPage> pages(Person reader, UUID id) {
        return pages(require(reader, id)).stream().map(KeptPage::page).toList();
    }

    List<KeptPage> pages(Book book) {
        return store.pages(book.id());
    }

    /** What a book is called, whom it is for, and the pattern that it begins with. */
    public record Naming(String title, String forWhom, UUID pattern) {
        public Naming {
            title = title.strip();
            forWhom = forWhom.strip();
            if (title.isEmpty() || title.length() > LONGEST_TITLE) {
                throw Refusal.unfit("Give the book a title of 1 to 200 characters.");
            }
            if (forWhom.length() > BookPattern.LONGEST_FOR_WHOM) {
                throw Refusal.unfit("Say who the book is for in up to 200 characters.");
            }
        }
    }

    /** Begins a book with pages for all the reader's notebooks; one that is there keeps its pages and is only named anew. */
    @Transactional
    public void keep(Person reader, UUID id, Naming naming) {
        reader.requireStudent();
        if (store.find(id).isPresent()) {
            store.name(require(reader, id).id(), naming.title(), naming.forWhom());
            return;
        }
        var subjects = notebooks.of(reader).stream()
                .map(notebook -> new BookPage.Subject(notebook.id(), notebook.title()))
                .toList();
        store.insert(
                new Book(id, reader.id(), naming.title(), naming.forWhom(), clock.today()),
                BookPage.begin(patterns.requireOffered(reader, naming.pattern()).parts(), subjects, clock::newId));
    }

    @Transactional
    void delete(Person reader, UUID id) {
        store.delete(require(reader, id).id(), clock.now());
    }

    @Transactional
    void restore(Person reader, UUID id) {
        store.restore(own(reader, store.find(id)).id());
    }

    /**
     * Keeps what is on a page; what kind it is and what it asks stays as it began. A page that is not there yet is added as the last
     * one. A change from an older version than the one that is there is refused.
     */
    @Transactional
    public int keep(Person reader, UUID bookId, Change change) {
        var book = require(reader, bookId);
        var pages = pages(book);
        var there = pages.stream()
                .filter(kept -> kept.page().id().equals(change.page().id()))
                .findFirst();
        if (there.isEmpty()) {
            return add(reader, book, pages.size(), change.page());
        }
        var before = there.get();
        var now = changed(before.page(), change.page());
        if (before.page().equals(now)) {
            return before.version();
        }
        if (before.version() != change.baseVersion()) {
            throw Refusal.stale("This page was changed in another place too.", before.version());
        }
        store.update(now, before.version() + 1);
        return before.version() + 1;
    }

    private int add(Person reader, Book book, int position, BookPage page) {
        if (position >= MOST_PAGES) {
            throw Refusal.unfit("A book has up to 2,000 pages. Use one of those that are there.");
        }
        if (store.hasPage(page.id())) {
            throw Refusal.notFound("page");
        }
        page.notebook().ifPresent(id -> notebooks.require(reader, id));
        store.insert(book.id(), page, position);
        return 1;
    }

    private static BookPage changed(BookPage before, BookPage wished) {
        var part = before.part();
        return new BookPage(
                before.id(),
                before.notebook(),
                new BookPart(part.kind(), wished.part().heading(), part.question(), part.words()),
                wished.leftOut(),
                wished.words(),
                wished.pieces());
    }

    /** Puts all pages of a book into another order. */
    @Transactional
    void order(Person reader, UUID id, List<UUID> wished) {
        var there = pages(require(reader, id)).stream()
                .map(kept -> kept.page().id())
                .toList();
        if (wished.size() != there.size() || !new HashSet<>(wished).equals(new HashSet<>(there))) {
            throw Refusal.notNow("The pages of this book are others now. Look again, then put them in order.");
        }
        store.order(wished);
    }

    /** The notebooks that a book is made of, in the order of its pages; those of pages that are left out are not in it. */
    List<Notebook> notebooks(Person reader, List<BookPage> pages) {
        return pages.stream()
                .filter(page -> !page.leftOut())
                .map(BookPage::notebook)
                .flatMap(Optional::stream)
                .distinct()
                .map(id -> notebooks.require(reader, id))
                .toList();
    }
}
