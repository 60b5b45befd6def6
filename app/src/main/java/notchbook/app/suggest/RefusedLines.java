package notchbook.app.suggest;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.REFUSED_POINT;
import static notchbook.tables.Tables.SECTION;
import static org.jooq.impl.DSL.select;

import java.util.Map;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Rekeying;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Points that are not to be suggested again. */
@Repository
class RefusedLines implements KeyedToSyllabus {
    private final DSLContext db;

    RefusedLines(DSLContext db) {
        this.db = db;
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        var entries = select(ENTRY.ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .where(SECTION.NOTEBOOK_ID.eq(notebookId));
        Rekeying.apply(db, REFUSED_POINT.NODE_ID, REFUSED_POINT.ENTRY_ID.in(entries), lines);
    }
}
