package notchbook.app.book;

import static notchbook.tables.Tables.BOOK;
import static notchbook.tables.Tables.BOOK_PAGE;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.book.BookPage;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPiece;
import notchbook.core.text.WordRange;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class BookStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    BookStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    /** Also one that was deleted. */
    Optional<Book> find(UUID id) {
        return fetch(BOOK.ID.eq(id)).stream().findFirst();
    }

    /** One that was not deleted. */
    Optional<Book> live(UUID id) {
        return fetch(BOOK.ID.eq(id).and(BOOK.DELETED_AT.isNull())).stream().findFirst();
    }

    /** Those of a person, the latest first. */
    List<Book> of(UUID personId) {
        return fetch(BOOK.OWNER_ID.eq(personId).and(BOOK.DELETED_AT.isNull()));
    }

    private List<Book> fetch(Condition which) {
        return db.selectFrom(BOOK)
                .where(which)
                .orderBy(BOOK.MADE_ON.desc(), BOOK.ID.desc())
                .fetch(found -> new Book(
                        found.get(BOOK.ID),
                        found.get(BOOK.OWNER_ID),
                        found.get(BOOK.TITLE),
                        found.get(BOOK.FOR_WHOM),
                        found.get(BOOK.MADE_ON)));
    }

    void insert(Book book, List<BookPage> pages) {
        db.insertInto(BOOK)
                .set(BOOK.ID, book.id())
                .set(BOOK.OWNER_ID, book.ownerId())
                .set(BOOK.TITLE, book.title())
                .set(BOOK.FOR_WHOM, book.forWhom())
                .set(BOOK.MADE_ON, book.madeOn())
                .execute();
        for (var i = 0; i < pages.size(); i++) {
            insert(book.id(), pages.get(i), i);
        }
    }

    void name(UUID id, String title, String forWhom) {
        db.update(BOOK)
                .set(BOOK.TITLE, title)
                .set(BOOK.FOR_WHOM, forWhom)
                .where(BOOK.ID.eq(id))
                .execute();
    }

    void delete(UUID id, Instant at) {
        db.update(BOOK).set(BOOK.DELETED_AT, at).where(BOOK.ID.eq(id)).execute();
    }

    void restore(UUID id) {
        db.update(BOOK).setNull(BOOK.DELETED_AT).where(BOOK.ID.eq(id)).execute();
    }

    /** The pages of a book, in order. */
    List<KeptPage> pages(UUID bookId) {
        return db.selectFrom(BOOK_PAGE)
                .where(BOOK_PAGE.BOOK_ID.eq(bookId))
                .orderBy(BOOK_PAGE.POSITION, BOOK_PAGE.ID)
                .fetch(this::page);
    }

    /** Whether a page of any book has this id. */
    boolean hasPage(UUID id) {
        return db.fetchExists(BOOK_PAGE, BOOK_PAGE.ID.eq(id));
    }

    private KeptPage page(Record found) {
        return new KeptPage(
                new BookPage(
                        found.get(BOOK_PAGE.ID),
                        Optional.ofNullable(found.get(BOOK_PAGE.NOTEBOOK_ID)),
                        new BookPart(
                                BookPart.Kind.valueOf(found.get(BOOK_PAGE.KIND)),
                                found.get(BOOK_PAGE.HEADING),
                                found.get(BOOK_PAGE.QUESTION),
                                new WordRange(found.get(BOOK_PAGE.WORDS_LEAST), found.get(BOOK_PAGE.WORDS_MOST))),
                        found.get(BOOK_PAGE.LEFT_OUT),
                        found.get(BOOK_PAGE.WORDS),
                        List.of(mapper.readValue(found.get(BOOK_PAGE.PIECES), BookPiece[].class))),
                found.get(BOOK_PAGE.VERSION));
    }

    void insert(UUID bookId, BookPage page, int position) {
        db.insertInto(BOOK_PAGE)
                .set(BOOK_PAGE.ID, page.id())
                .set(BOOK_PAGE.BOOK_ID, bookId)
                .set(BOOK_PAGE.POSITION, position)
                .set(BOOK_PAGE.KIND, page.part().kind().name())
                .set(BOOK_PAGE.NOTEBOOK_ID, page.notebook().orElse(null))
                .set(BOOK_PAGE.QUESTION, page.part().question())
                .set(BOOK_PAGE.WORDS_LEAST, page.part().words().least())
                .set(BOOK_PAGE.WORDS_MOST, page.part().words().most())
                .set(BOOK_PAGE.VERSION, 1)
                .set(content(page))
                .execute();
    }

    void update(BookPage page, int version) {
        db.update(BOOK_PAGE)
                .set(content(page))
                .set(BOOK_PAGE.VERSION, version)
                .where(BOOK_PAGE.ID.eq(page.id()))
                .execute();
    }

    private Map<Field<?>, Object> content(BookPage page) {
        return Map.of(
                BOOK_PAGE.HEADING, page.part().heading(),
                BOOK_PAGE.LEFT_OUT, page.leftOut(),
                BOOK_PAGE.WORDS, page.words(),
                BOOK_PAGE.PIECES, mapper.writeValueAsString(page.pieces()));
    }

    void order(List<UUID> pages) {
        db.batch(pages.stream()
                        .map(id -> db.update(BOOK_PAGE)
                                .set(BOOK_PAGE.POSITION, pages.indexOf(id))
                                .where(BOOK_PAGE.ID.eq(id)))
                        .toList())
                .execute();
    }
}
