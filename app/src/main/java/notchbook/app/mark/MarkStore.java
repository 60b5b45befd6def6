package notchbook.app.mark;

import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.MARK;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.mark.Mark.Answer;
import notchbook.core.mark.Mark.AnsweringEntry;
import notchbook.core.mark.Mark.AnsweringWords;
import notchbook.core.mark.MarkKind;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class MarkStore {
    private final DSLContext db;

    MarkStore(DSLContext db) {
        this.db = db;
    }

    List<EntryMark> on(Collection<UUID> entryIds) {
        return fetch(MARK.ENTRY_ID.in(entryIds));
    }

    /** All marks in a person's notebooks, also those on entries in the bin. */
    List<EntryMark> ownedBy(UUID personId) {
        return fetch(MARK.ENTRY_ID.in(db.select(ENTRY.ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .join(NOTEBOOK)
                .on(NOTEBOOK.ID.eq(SECTION.NOTEBOOK_ID))
                .where(NOTEBOOK.OWNER_ID.eq(personId))));
    }

    Optional<EntryMark> find(UUID id) {
        return fetch(MARK.ID.eq(id)).stream().findFirst();
    }

    /** Writes a mark anew or over. */
    void put(EntryMark placed) {
        delete(placed.mark().id());
        var mark = placed.mark();
        db.insertInto(MARK)
                .set(MARK.ID, mark.id())
                .set(MARK.ENTRY_ID, placed.entryId())
                .set(MARK.PASSAGE, mark.passage().orElse(null))
                .set(MARK.KIND, MarkKind.of(mark).name())
                .set(MARK.OWN_ID, mark instanceof Mark.Own own ? own.kind() : null)
                .set(MARK.MADE_AT, mark.madeAt())
                .set(MARK.IS_DONE, mark instanceof Mark.Task task && task.isDone())
                .set(MARK.DUE, mark instanceof Mark.Task task ? task.due().orElse(null) : null)
                .set(
                        MARK.ANSWER_ENTRY,
                        answer(mark)
                                .map(found -> found instanceof AnsweringEntry entry ? entry.entry() : null)
                                .orElse(null))
                .set(
                        MARK.ANSWER_WORDS,
                        answer(mark)
                                .map(found -> found instanceof AnsweringWords words ? words.words() : null)
                                .orElse(null))
                .execute();
    }

    void delete(UUID id) {
        db.deleteFrom(MARK).where(MARK.ID.eq(id)).execute();
    }

    private List<EntryMark> fetch(Condition which) {
        return db.selectFrom(MARK)
                .where(which)
                .orderBy(MARK.MADE_AT, MARK.ID)
                .fetch(found -> new EntryMark(found.get(MARK.ENTRY_ID), mark(found)));
    }

    private static Optional<Answer> answer(Mark mark) {
        return mark instanceof Mark.OpenQuestion question ? question.answer() : Optional.empty();
    }

    private static Mark mark(Record found) {
        var id = found.get(MARK.ID);
        var passage = Optional.ofNullable(found.get(MARK.PASSAGE));
        var madeAt = found.get(MARK.MADE_AT);
        return switch (MarkKind.valueOf(found.get(MARK.KIND))) {
            case KEY -> new Mark.Key(id, passage, madeAt);
            case QUESTION ->
                new Mark.OpenQuestion(
                        id,
                        passage,
                        madeAt,
                        Optional.ofNullable(found.get(MARK.ANSWER_ENTRY))
                                .<Answer>map(AnsweringEntry::new)
                                .or(() -> Optional.ofNullable(found.get(MARK.ANSWER_WORDS))
                                        .map(AnsweringWords::new)));
            case TASK ->
                new Mark.Task(id, passage, madeAt, found.get(MARK.IS_DONE), Optional.ofNullable(found.get(MARK.DUE)));
            case OWN -> new Mark.Own(id, passage, madeAt, found.get(MARK.OWN_ID));
        };
    }
}
