package notchbook.app.paper;

import static notchbook.tables.Tables.PAPER;
import static notchbook.tables.Tables.PAPER_MARK;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import notchbook.core.paper.PaperDone;
import notchbook.core.paper.PaperName;
import notchbook.core.paper.PastPaper;
import notchbook.core.paper.QuestionMark;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class PaperStore {
    private final DSLContext db;

    PaperStore(DSLContext db) {
        this.db = db;
    }

    /** The papers of a notebook, the latest year first. */
    List<KeptPaper> of(UUID notebookId) {
        var parts = parts(notebookId);
        return db
                .selectFrom(PAPER)
                .where(PAPER.NOTEBOOK_ID.eq(notebookId))
                .fetch(found -> paper(found, parts.getOrDefault(found.get(PAPER.ID), List.of())))
                .stream()
                .sorted(Comparator.comparing(kept -> kept.paper().name()))
                .toList();
    }

    Optional<UUID> notebookOf(UUID paperId) {
        return db.select(PAPER.NOTEBOOK_ID)
                .from(PAPER)
                .where(PAPER.ID.eq(paperId))
                .fetchOptional(PAPER.NOTEBOOK_ID);
    }

    /** Keeps a paper as it is now; its marks are replaced. */
    void put(UUID notebookId, KeptPaper kept) {
        var paper = kept.paper();
        var done = paper.done();
        db.insertInto(PAPER, PAPER.ID, PAPER.NOTEBOOK_ID)
                .values(paper.id(), notebookId)
                .onDuplicateKeyIgnore()
                .execute();
        db.update(PAPER)
                .set(PAPER.YEAR, paper.name().year().orElse(null))
                .set(PAPER.SITTING, paper.name().sitting())
                .set(PAPER.VARIANT, paper.name().variant())
                .set(PAPER.NUMBER, paper.name().paper())
                .set(PAPER.DAY, done.map(PaperDone::day).orElse(null))
                .set(
                        PAPER.MARKS,
                        done.map(PaperDone::marks).map(PaperStore::orNull).orElse(null))
                .set(
                        PAPER.OUT_OF,
                        done.map(PaperDone::outOf).map(PaperStore::orNull).orElse(null))
                .set(PAPER.MINUTES, done.flatMap(PaperDone::minutes).orElse(null))
                .set(PAPER.PAPER_FILE, kept.paperFile().orElse(null))
                .set(PAPER.SCRIPT_FILE, kept.scriptFile().orElse(null))
                .where(PAPER.ID.eq(paper.id()), PAPER.NOTEBOOK_ID.eq(notebookId))
                .execute();
        deleteMarks(paper.id());
        done.map(PaperDone::parts).orElse(List.of()).forEach(part -> db.insertInto(PAPER_MARK)
                .set(PAPER_MARK.PAPER_ID, paper.id())
                .set(PAPER_MARK.TOPIC_ID, part.topic())
                .set(PAPER_MARK.QUESTION, part.question())
                .set(PAPER_MARK.MARKS, part.marks())
                .set(PAPER_MARK.OUT_OF, part.outOf())
                .execute());
    }

    void delete(UUID paperId) {
        deleteMarks(paperId);
        db.deleteFrom(PAPER).where(PAPER.ID.eq(paperId)).execute();
    }

    private void deleteMarks(UUID paperId) {
        db.deleteFrom(PAPER_MARK).where(PAPER_MARK.PAPER_ID.eq(paperId)).execute();
    }

    private Map<UUID, List<QuestionMark>> parts(UUID notebookId) {
        return db.select(PAPER_MARK.asterisk())
                .from(PAPER_MARK)
                .join(PAPER)
                .on(PAPER.ID.eq(PAPER_MARK.PAPER_ID))
                .where(PAPER.NOTEBOOK_ID.eq(notebookId))
                .orderBy(PAPER_MARK.QUESTION)
                .fetchGroups(
                        PAPER_MARK.PAPER_ID,
                        found -> new QuestionMark(
                                found.get(PAPER_MARK.QUESTION),
                                found.get(PAPER_MARK.TOPIC_ID),
                                found.get(PAPER_MARK.MARKS),
                                found.get(PAPER_MARK.OUT_OF)));
    }

    private static KeptPaper paper(Record found, List<QuestionMark> parts) {
        var name = new PaperName(
                Optional.ofNullable(found.get(PAPER.YEAR)),
                found.get(PAPER.SITTING),
                found.get(PAPER.VARIANT),
                found.get(PAPER.NUMBER));
        var done = Optional.ofNullable(found.get(PAPER.DAY))
                .map(day -> new PaperDone(
                        day,
                        orEmpty(found.get(PAPER.MARKS)),
                        orEmpty(found.get(PAPER.OUT_OF)),
                        Optional.ofNullable(found.get(PAPER.MINUTES)),
                        parts));
        return new KeptPaper(
                new PastPaper(found.get(PAPER.ID), name, done),
                Optional.ofNullable(found.get(PAPER.PAPER_FILE)),
                Optional.ofNullable(found.get(PAPER.SCRIPT_FILE)));
    }

    private static OptionalDouble orEmpty(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
