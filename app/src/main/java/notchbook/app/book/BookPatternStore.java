package notchbook.app.book;

import static notchbook.tables.Tables.BOOK_PATTERN;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPattern;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Patterns of books: each is of a class or of the whole school. */
@Repository
class BookPatternStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    BookPatternStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    List<BookPattern> ofSchool() {
        return fetch(ofOne(Optional.empty()));
    }

    List<BookPattern> ofClass(UUID classId) {
        return fetch(ofOne(Optional.of(classId)));
    }

    List<BookPattern> ofClasses(Collection<UUID> classIds) {
        return fetch(BOOK_PATTERN.CLASS_ID.in(classIds));
    }

    /** Writes a pattern anew or over; false when the id is one of another class, or of the school. */
    boolean put(Optional<UUID> classId, BookPattern pattern) {
        var content = content(pattern);
        db.insertInto(BOOK_PATTERN)
                .set(BOOK_PATTERN.ID, pattern.id())
                .set(BOOK_PATTERN.CLASS_ID, classId.orElse(null))
                .set(content)
                .onDuplicateKeyIgnore()
                .execute();
        return db.update(BOOK_PATTERN)
                        .set(content)
                        .where(BOOK_PATTERN.ID.eq(pattern.id()), ofOne(classId))
                        .execute()
                == 1;
    }

    boolean delete(Optional<UUID> classId, UUID id) {
        return db.deleteFrom(BOOK_PATTERN)
                        .where(BOOK_PATTERN.ID.eq(id), ofOne(classId))
                        .execute()
                == 1;
    }

    private static Condition ofOne(Optional<UUID> classId) {
        return classId.map(BOOK_PATTERN.CLASS_ID::eq).orElseGet(BOOK_PATTERN.CLASS_ID::isNull);
    }

    private Map<Field<?>, Object> content(BookPattern pattern) {
        return Map.of(
                BOOK_PATTERN.NAME, pattern.name(),
                BOOK_PATTERN.FOR_WHOM, pattern.forWhom(),
                BOOK_PATTERN.PARTS, mapper.writeValueAsString(pattern.parts()));
    }

    private List<BookPattern> fetch(Condition which) {
        return db.selectFrom(BOOK_PATTERN)
                .where(which)
                .orderBy(BOOK_PATTERN.NAME, BOOK_PATTERN.ID)
                .fetch(this::pattern);
    }

    private BookPattern pattern(Record found) {
        return new BookPattern(
                found.get(BOOK_PATTERN.ID),
                found.get(BOOK_PATTERN.NAME),
                found.get(BOOK_PATTERN.FOR_WHOM),
                List.of(mapper.readValue(found.get(BOOK_PATTERN.PARTS), BookPart[].class)));
    }
}
