package notchbook.app.contents;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.NOTCH;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;
import static notchbook.tables.Tables.SECTION_TOPIC;
import static org.jooq.impl.DSL.select;

import java.util.Map;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Rekeying;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What entries are notched to and sections are about. */
@Repository
class NotchedLines implements KeyedToSyllabus {
    private final DSLContext db;

    NotchedLines(DSLContext db) {
        this.db = db;
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        var sections = select(SECTION.ID).from(SECTION).where(SECTION.NOTEBOOK_ID.eq(notebookId));
        var entries = select(ENTRY.ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .where(PAGE.SECTION_ID.in(sections));
        Rekeying.apply(db, NOTCH.NODE_ID, NOTCH.ENTRY_ID.in(entries), lines);
        Rekeying.apply(db, SECTION_TOPIC.NODE_ID, SECTION_TOPIC.SECTION_ID.in(sections), lines);
    }
}
