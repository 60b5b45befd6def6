package notchbook.app.growth;

import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.THEN_AND_NOW;
import static org.jooq.impl.DSL.select;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class ThenAndNowStore {
    private final DSLContext db;

    ThenAndNowStore(DSLContext db) {
        this.db = db;
    }

    /** Also one that was deleted. */
    Optional<ThenAndNow> find(UUID id) {
        return fetch(THEN_AND_NOW.ID.eq(id)).stream().findFirst();
    }

    /** Those of a person, the latest first. */
    List<ThenAndNow> of(UUID personId) {
        return fetch(THEN_AND_NOW
                .DELETED_AT
                .isNull()
                .and(THEN_AND_NOW.NOTEBOOK_ID.in(
                        select(NOTEBOOK.ID).from(NOTEBOOK).where(NOTEBOOK.OWNER_ID.eq(personId)))));
    }

    private List<ThenAndNow> fetch(Condition which) {
        return db.selectFrom(THEN_AND_NOW)
                .where(which)
                .orderBy(THEN_AND_NOW.KEPT_ON.desc(), THEN_AND_NOW.ID.desc())
                .fetch(found -> new ThenAndNow(
                        found.get(THEN_AND_NOW.ID),
                        found.get(THEN_AND_NOW.NOTEBOOK_ID),
                        found.get(THEN_AND_NOW.THEN_ENTRY_ID),
                        found.get(THEN_AND_NOW.NOW_ENTRY_ID),
                        found.get(THEN_AND_NOW.TITLE),
                        found.get(THEN_AND_NOW.WORDS),
                        found.get(THEN_AND_NOW.VERSION),
                        found.get(THEN_AND_NOW.KEPT_ON)));
    }

    void insert(ThenAndNow kept) {
        db.insertInto(THEN_AND_NOW)
                .set(THEN_AND_NOW.ID, kept.id())
                .set(THEN_AND_NOW.NOTEBOOK_ID, kept.notebookId())
                .set(THEN_AND_NOW.THEN_ENTRY_ID, kept.earlier())
                .set(THEN_AND_NOW.NOW_ENTRY_ID, kept.later())
                .set(THEN_AND_NOW.TITLE, kept.title())
                .set(THEN_AND_NOW.WORDS, kept.words())
                .set(THEN_AND_NOW.VERSION, kept.version())
                .set(THEN_AND_NOW.KEPT_ON, kept.keptOn())
                .execute();
    }

    void update(ThenAndNow changed) {
        db.update(THEN_AND_NOW)
                .set(THEN_AND_NOW.WORDS, changed.words())
                .set(THEN_AND_NOW.VERSION, changed.version())
                .where(THEN_AND_NOW.ID.eq(changed.id()))
                .execute();
    }

    void delete(UUID id, Instant at) {
        db.update(THEN_AND_NOW)
                .set(THEN_AND_NOW.DELETED_AT, at)
                .where(THEN_AND_NOW.ID.eq(id))
                .execute();
    }

    void restore(UUID id) {
        db.update(THEN_AND_NOW)
                .setNull(THEN_AND_NOW.DELETED_AT)
                .where(THEN_AND_NOW.ID.eq(id))
                .execute();
    }
}
