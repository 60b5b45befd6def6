package notchbook.app.bag;

import static notchbook.tables.Tables.EDITION;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.NOTCH;
import static notchbook.tables.Tables.PERSON;
import static notchbook.tables.Tables.SCHOOL_CLASS;
import static notchbook.tables.Tables.SET_WORK;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.select;

import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.bag.BagTable.Owned;
import notchbook.app.entry.EntryContent;
import notchbook.app.entry.EntryKind;
import notchbook.app.people.Role;
import org.jooq.DSLContext;
import org.jooq.Field;

/**
 * Fits a row of a bag in where it comes to: what stayed at home gets its value here, and what it holds is checked as if it had been
 * sent from a screen. An {@link IllegalArgumentException} says what can't be.
 */
final class RowFitting {
    /** Before a row of media comes in, its content does; gives its size in bytes. */
    interface Contents {
        long take(Map<Field<?>, Object> row) throws IOException;
    }

    private final DSLContext db;
    private final UUID owner;
    private final Instant now;
    private final Contents contents;

    RowFitting(DSLContext db, UUID owner, Instant now, Contents contents) {
        this.db = db;
        this.owner = owner;
        this.now = now;
        this.contents = contents;
    }

    /** Fits a row in, and gives the pictures that its content shows: they have to be there for it. */
    List<UUID> fit(BagTable table, Map<Field<?>, Object> row) throws IOException {
        if (table.place() instanceof Owned owned) {
            row.put(owned.owner(), owner);
        }
        var of = table.table();
        if (of.equals(ENTRY)) {
            return entry(row);
        }
        if (of.equals(PERSON)) {
            row.put(PERSON.USER_NAME, "elsewhere " + row.get(PERSON.ID));
            row.put(PERSON.ROLE, Role.valueOf((String) row.get(PERSON.ROLE)).name());
            row.put(PERSON.PASSWORD_HASH, "");
            row.put(PERSON.BROUGHT_BY, owner);
        } else if (of.equals(SCHOOL_CLASS)) {
            row.put(SCHOOL_CLASS.BROUGHT_BY, owner);
        } else if (of.equals(SET_WORK)) {
            row.putIfAbsent(SET_WORK.TAKEN_BACK_AT, now);
        } else if (of.equals(EDITION)) {
            row.put(EDITION.ADDED_BY, owner);
        } else if (of.equals(MEDIA)) {
            row.put(MEDIA.BYTES, contents.take(row));
        } else if (of.equals(NOTCH)) {
            row.put(NOTCH.PAGE_ID, pageOf((UUID) row.get(NOTCH.ENTRY_ID)));
        } else if (of.equals(HAND_IN)) {
            requireOwnWork(row);
        }
        return List.of();
    }

    /** An entry holds what an entry may, and its words are still to go into the index. */
    private static List<UUID> entry(Map<Field<?>, Object> row) {
        var kind = EntryKind.valueOf((String) row.get(ENTRY.KIND));
        var content = EntryContent.check(kind, (String) row.get(ENTRY.CONTENT)).json();
        row.put(ENTRY.CONTENT, content);
        row.put(ENTRY.WORDS_DUE, true);
        return EntryContent.photoSet(kind, content).stream()
                .flatMap(set -> set.pages().stream())
                .flatMap(page -> Stream.of(page.picture(), page.photo()))
                .toList();
    }

    private static Field<UUID> pageOf(UUID entry) {
        return field(select(ENTRY.PAGE_ID).from(ENTRY).where(ENTRY.ID.eq(entry)));
    }

    /** Versions of one piece of work are one person's. */
    private void requireOwnWork(Map<Field<?>, Object> row) {
        var isOthers = row.get(HAND_IN.WORK_ID) instanceof UUID work
                && db.fetchExists(HAND_IN, HAND_IN.WORK_ID.eq(work).and(HAND_IN.STUDENT_ID.ne(owner)));
        if (isOthers) {
            throw new IllegalArgumentException("Somebody else's work");
        }
    }
}
