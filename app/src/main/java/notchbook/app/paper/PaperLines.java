package notchbook.app.paper;

import static notchbook.tables.Tables.PAPER;
import static notchbook.tables.Tables.PAPER_MARK;
import static org.jooq.impl.DSL.select;

import java.util.Map;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Rekeying;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Marks in papers, by topic. */
@Repository
class PaperLines implements KeyedToSyllabus {
    private final DSLContext db;

    PaperLines(DSLContext db) {
        this.db = db;
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        var papers = select(PAPER.ID).from(PAPER).where(PAPER.NOTEBOOK_ID.eq(notebookId));
        Rekeying.apply(db, PAPER_MARK.TOPIC_ID, PAPER_MARK.PAPER_ID.in(papers), lines);
    }
}
