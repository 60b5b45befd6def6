package notchbook.app.syllabus;

import static org.jooq.impl.DSL.case_;
import static org.jooq.impl.DSL.select;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.TableField;

/** Puts rows of a table that are keyed to lines of a syllabus under other lines. */
public final class Rekeying {
    private Rekeying() {}

    /** Rekeys the rows of {@code whose}; one that stands under its new line already goes up in the one that is there. */
    public static <R extends Record> void apply(
            DSLContext db, TableField<R, UUID> line, Condition whose, Map<UUID, UUID> lines) {
        if (lines.isEmpty()) {
            return;
        }
        var table = line.getTable();
        var old = whose.and(line.in(lines.keySet()));
        var moved = Stream.of(table.fields())
                .<Field<?>>map(field -> field.equals(line) ? case_(line).mapValues(lines) : field)
                .toList();
        db.insertInto(table)
                .columns(table.fields())
                .select(select(moved).from(table).where(old))
                .onDuplicateKeyIgnore()
                .execute();
        db.deleteFrom(table).where(old).execute();
    }
}
