package notchbook.app.mark;

import static notchbook.tables.Tables.MARK;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.mark.Mark.Answer;
import notchbook.core.mark.Mark.AnsweringEntry;
import notchbook.core.mark.Mark.AnsweringWords;
import notchbook.core.mark.MarkKind;
import org.jooq.Field;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;

/** A mark as a row. Those on entries and those on things have the same columns, but for what they stand on. */
final class MarkRow {
    private MarkRow() {}

    /** The values of a mark by the names of their columns. */
    static Map<String, @Nullable Object> of(Mark mark) {
        var row = new HashMap<String, @Nullable Object>();
        put(row, MARK.ID, mark.id());
        put(row, MARK.KIND, MarkKind.of(mark).name());
        put(row, MARK.OWN_ID, mark instanceof Mark.Own own ? own.kind() : null);
        put(row, MARK.MADE_AT, mark.madeAt());
        put(row, MARK.IS_DONE, mark instanceof Mark.Task task && task.isDone());
        put(row, MARK.DUE, mark instanceof Mark.Task task ? task.due().orElse(null) : null);
        var answer = mark instanceof Mark.OpenQuestion question ? question.answer() : Optional.<Answer>empty();
        put(
                row,
                MARK.ANSWER_ENTRY,
                answer.map(found -> found instanceof AnsweringEntry entry ? entry.entry() : null)
                        .orElse(null));
        put(
                row,
                MARK.ANSWER_WORDS,
                answer.map(found -> found instanceof AnsweringWords words ? words.words() : null)
                        .orElse(null));
        return row;
    }

    private static <T> void put(Map<String, @Nullable Object> row, Field<T> column, @Nullable T value) {
        row.put(column.getName(), value);
    }

    static Mark read(Record found, Optional<UUID> passage) {
        var id = found.get(MARK.ID);
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
