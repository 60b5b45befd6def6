package notchbook.app.coverage;

import static notchbook.tables.Tables.LOOKED_AGAIN;
import static notchbook.tables.Tables.PAPER;
import static notchbook.tables.Tables.PAPER_MARK;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.core.coverage.LookedAgain;
import notchbook.core.coverage.PaperMark;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Past papers done, with their marks by topic, and the days on which a topic was looked at again. */
@Repository
class PaperStore {
    private final DSLContext db;

    PaperStore(DSLContext db) {
        this.db = db;
    }

    List<PaperMark> marks(UUID notebookId) {
        return db.select(PAPER_MARK.TOPIC_ID, PAPER.DAY, PAPER_MARK.MARKS, PAPER_MARK.OUT_OF)
                .from(PAPER_MARK)
                .join(PAPER)
                .on(PAPER.ID.eq(PAPER_MARK.PAPER_ID))
                .where(PAPER.NOTEBOOK_ID.eq(notebookId))
                .orderBy(PAPER.DAY)
                .fetch(found -> new PaperMark(found.value1(), found.value2(), found.value3(), found.value4()));
    }

    List<LookedAgain> looks(UUID notebookId) {
        return db.selectFrom(LOOKED_AGAIN)
                .where(LOOKED_AGAIN.NOTEBOOK_ID.eq(notebookId))
                .fetch(found -> new LookedAgain(found.get(LOOKED_AGAIN.TOPIC_ID), found.get(LOOKED_AGAIN.DAY)));
    }

    void insertLook(UUID notebookId, LookedAgain look) {
        db.insertInto(LOOKED_AGAIN, LOOKED_AGAIN.NOTEBOOK_ID, LOOKED_AGAIN.TOPIC_ID, LOOKED_AGAIN.DAY)
                .values(notebookId, look.topic(), look.day())
                .onDuplicateKeyIgnore()
                .execute();
    }

    void insertPaper(UUID paperId, UUID notebookId, String title, LocalDate day, List<PaperMark> marks) {
        db.insertInto(PAPER, PAPER.ID, PAPER.NOTEBOOK_ID, PAPER.TITLE, PAPER.DAY)
                .values(paperId, notebookId, title, day)
                .execute();
        marks.forEach(mark -> db.insertInto(
                        PAPER_MARK, PAPER_MARK.PAPER_ID, PAPER_MARK.TOPIC_ID, PAPER_MARK.MARKS, PAPER_MARK.OUT_OF)
                .values(paperId, mark.topic(), mark.marks(), mark.outOf())
                .execute());
    }
}
