package notchbook.app.coverage;

import static notchbook.tables.Tables.LOOKED_AGAIN;
import static notchbook.tables.Tables.OWN_TICK;

import java.util.Map;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Rekeying;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Ticks and looks, by point and topic. */
@Repository
class CoverageLines implements KeyedToSyllabus {
    private final DSLContext db;

    CoverageLines(DSLContext db) {
        this.db = db;
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        Rekeying.apply(db, OWN_TICK.NODE_ID, OWN_TICK.NOTEBOOK_ID.eq(notebookId), lines);
        Rekeying.apply(db, LOOKED_AGAIN.TOPIC_ID, LOOKED_AGAIN.NOTEBOOK_ID.eq(notebookId), lines);
    }
}
