package notchbook.app.notebook;

import static notchbook.tables.Tables.NOTEBOOK;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class NotebookStore {
    private final DSLContext db;

    NotebookStore(DSLContext db) {
        this.db = db;
    }

    Optional<Notebook> find(UUID id) {
        return db.selectFrom(NOTEBOOK).where(NOTEBOOK.ID.eq(id)).fetchOptional(NotebookStore::notebook);
    }

    List<Notebook> ownedBy(UUID personId) {
        return db.selectFrom(NOTEBOOK)
                .where(NOTEBOOK.OWNER_ID.eq(personId))
                .orderBy(NOTEBOOK.CREATED_AT, NOTEBOOK.TITLE)
                .fetch(NotebookStore::notebook);
    }

    List<Notebook> ofClass(UUID classId) {
        return db.selectFrom(NOTEBOOK)
                .where(NOTEBOOK.CLASS_ID.eq(classId))
                .orderBy(NOTEBOOK.CREATED_AT)
                .fetch(NotebookStore::notebook);
    }

    void insert(Notebook notebook, Instant at) {
        db.insertInto(NOTEBOOK)
                .set(NOTEBOOK.ID, notebook.id())
                .set(NOTEBOOK.OWNER_ID, notebook.ownerId())
                .set(NOTEBOOK.CLASS_ID, notebook.classId().orElse(null))
                .set(NOTEBOOK.EDITION_ID, notebook.editionId())
                .set(NOTEBOOK.TITLE, notebook.title())
                .set(NOTEBOOK.EXAM_YEAR, notebook.exam().year())
                .set(NOTEBOOK.EXAM_DAY, notebook.examDay().orElse(null))
                .set(NOTEBOOK.TIER, notebook.exam().tier().name())
                .set(NOTEBOOK.COVER, notebook.cover().name())
                .set(NOTEBOOK.CREATED_AT, at)
                .execute();
    }

    void update(UUID id, String title, CoverColour cover) {
        db.update(NOTEBOOK)
                .set(NOTEBOOK.TITLE, title)
                .set(NOTEBOOK.COVER, cover.name())
                .where(NOTEBOOK.ID.eq(id))
                .execute();
    }

    void updateExam(UUID id, ExamChoice exam, Optional<LocalDate> examDay) {
        db.update(NOTEBOOK)
                .set(NOTEBOOK.EXAM_YEAR, exam.year())
                .set(NOTEBOOK.TIER, exam.tier().name())
                .set(NOTEBOOK.EXAM_DAY, examDay.orElse(null))
                .where(NOTEBOOK.ID.eq(id))
                .execute();
    }

    void updateEdition(UUID id, UUID editionId) {
        db.update(NOTEBOOK)
                .set(NOTEBOOK.EDITION_ID, editionId)
                .where(NOTEBOOK.ID.eq(id))
                .execute();
    }

    private static Notebook notebook(Record found) {
        return new Notebook(
                found.get(NOTEBOOK.ID),
                found.get(NOTEBOOK.OWNER_ID),
                Optional.ofNullable(found.get(NOTEBOOK.CLASS_ID)),
                found.get(NOTEBOOK.EDITION_ID),
                found.get(NOTEBOOK.TITLE),
                new ExamChoice(found.get(NOTEBOOK.EXAM_YEAR), Tier.valueOf(found.get(NOTEBOOK.TIER))),
                Optional.ofNullable(found.get(NOTEBOOK.EXAM_DAY)),
                CoverColour.valueOf(found.get(NOTEBOOK.COVER)));
    }
}
