package notchbook.app.reflection;

import static notchbook.tables.Tables.OWN_RATING;
import static notchbook.tables.Tables.REFLECTION;
import static org.jooq.impl.DSL.select;

import java.util.Map;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Rekeying;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Own ratings by topic. */
@Repository
class RatedLines implements KeyedToSyllabus {
    private final DSLContext db;

    RatedLines(DSLContext db) {
        this.db = db;
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        var sheets = select(REFLECTION.ID).from(REFLECTION).where(REFLECTION.NOTEBOOK_ID.eq(notebookId));
        Rekeying.apply(db, OWN_RATING.TOPIC_ID, OWN_RATING.REFLECTION_ID.in(sheets), lines);
    }
}
