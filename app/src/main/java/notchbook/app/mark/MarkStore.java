package notchbook.app.mark;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.MARK;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class MarkStore {
    private final DSLContext db;

    MarkStore(DSLContext db) {
        this.db = db;
    }

    List<EntryMark> on(Collection<UUID> entryIds) {
        return fetch(MARK.ENTRY_ID.in(entryIds));
    }

    /** All marks in a person's notebooks, also those on entries in the bin. */
    List<EntryMark> ownedBy(UUID personId) {
        return fetch(MARK.ENTRY_ID.in(db.select(ENTRY.ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                .where(NOTEBOOK.OWNER_ID.eq(personId))));
    }

    Optional<EntryMark> find(UUID id) {
        return fetch(MARK.ID.eq(id)).stream().findFirst();
    }

    /** Writes a mark anew or over. */
    void put(EntryMark placed) {
        delete(placed.mark().id());
        db.insertInto(MARK)
                .set(MarkRow.of(placed.mark()))
                .set(MARK.ENTRY_ID, placed.entryId())
                .set(MARK.PASSAGE, placed.mark().passage().orElse(null))
                .execute();
    }

    void delete(UUID id) {
        db.deleteFrom(MARK).where(MARK.ID.eq(id)).execute();
    }

    private List<EntryMark> fetch(Condition which) {
        return db.selectFrom(MARK)
                .where(which)
                .orderBy(MARK.MADE_AT, MARK.ID)
                .fetch(found -> new EntryMark(
                        found.get(MARK.ENTRY_ID), MarkRow.read(found, Optional.ofNullable(found.get(MARK.PASSAGE)))));
    }
}
