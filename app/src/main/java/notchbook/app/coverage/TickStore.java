package notchbook.app.coverage;

import static notchbook.tables.Tables.OWN_TICK;

import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The student's own ticks on syllabus points. */
@Repository
class TickStore {
    private final DSLContext db;

    TickStore(DSLContext db) {
        this.db = db;
    }

    Set<UUID> of(UUID notebookId) {
        return db.select(OWN_TICK.NODE_ID)
                .from(OWN_TICK)
                .where(OWN_TICK.NOTEBOOK_ID.eq(notebookId))
                .fetchSet(OWN_TICK.NODE_ID);
    }

    void insert(UUID notebookId, UUID node, Instant at) {
        db.insertInto(OWN_TICK, OWN_TICK.NOTEBOOK_ID, OWN_TICK.NODE_ID, OWN_TICK.AT)
                .values(notebookId, node, at)
                .onDuplicateKeyIgnore()
                .execute();
    }

    void delete(UUID notebookId, UUID node) {
        db.deleteFrom(OWN_TICK)
                .where(OWN_TICK.NOTEBOOK_ID.eq(notebookId), OWN_TICK.NODE_ID.eq(node))
                .execute();
    }
}
