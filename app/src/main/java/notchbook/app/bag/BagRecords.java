package notchbook.app.bag;

import static java.nio.charset.StandardCharsets.UTF_8;
import static notchbook.tables.Tables.CLASS_PLAN;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.OWN_PLAN;
import static notchbook.tables.Tables.SYLLABUS_NODE;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectOne;

import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import notchbook.formats.bag.BagWriter;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.ResultQuery;
import org.jooq.Select;
import org.springframework.stereotype.Component;

/** Writes the rows of tables into a bag, a line of JSON each, however many there are. */
@Component
class BagRecords {
    private static final int AT_ONCE = 500;

    private final DSLContext db;

    BagRecords(DSLContext db) {
        this.db = db;
    }

    static String path(BagTable table) {
        return "records/" + table.name() + ".jsonl";
    }

    void write(Whose whose, BagWriter bag) throws IOException {
        for (var table : BagTables.ALL) {
            bag.put(path(table), out -> write(table, whose, out));
        }
    }

    private void write(BagTable table, Whose whose, OutputStream out) throws IOException {
        var within = table.references()
                .filter(reference -> reference.to().equals(table.table()))
                .findFirst();
        if (within.isPresent()) {
            for (var row : parentsFirst(rows(table, whose).fetch(), table, within.get())) {
                line(row, out);
            }
            return;
        }
        try (var rows = rows(table, whose).fetchSize(AT_ONCE).fetchLazy()) {
            for (var row : rows) {
                line(row, out);
            }
        }
    }

    private static void line(Record row, OutputStream out) throws IOException {
        out.write((RowJson.write(row) + "\n").getBytes(UTF_8));
    }

    private ResultQuery<? extends Record> rows(BagTable table, Whose whose) {
        var own = db.select(table.columns())
                .from(table.table())
                .where(table.which().apply(whose));
        return table.table().equals(OWN_PLAN)
                ? own.unionAll(planOfClass(whose)).orderBy(1, 2)
                : own.orderBy(
                        Objects.requireNonNull(table.table().getPrimaryKey()).getFields());
    }

    /** What the class means to do when, where the student has not said otherwise: elsewhere there is no such class. */
    private static Select<? extends Record> planOfClass(Whose whose) {
        return select(NOTEBOOK.ID, CLASS_PLAN.TOPIC_ID, CLASS_PLAN.FIRST_WEEK, CLASS_PLAN.LAST_WEEK)
                .from(CLASS_PLAN)
                .join(NOTEBOOK)
                .on(NOTEBOOK.CLASS_ID.eq(CLASS_PLAN.CLASS_ID))
                .join(SYLLABUS_NODE)
                .on(SYLLABUS_NODE.ID.eq(CLASS_PLAN.TOPIC_ID), SYLLABUS_NODE.EDITION_ID.eq(NOTEBOOK.EDITION_ID))
                .where(
                        BagTables.NOTEBOOKS.which().apply(whose),
                        notExists(selectOne()
                                .from(OWN_PLAN)
                                .where(
                                        OWN_PLAN.NOTEBOOK_ID.eq(NOTEBOOK.ID),
                                        OWN_PLAN.TOPIC_ID.eq(CLASS_PLAN.TOPIC_ID))));
    }

    /** Rows of a tree, each after the one that it lies in. */
    private static List<Record> parentsFirst(List<? extends Record> rows, BagTable table, BagTable.Reference parent) {
        var id = table.id().orElseThrow();
        var left = new ArrayList<Record>(rows);
        var ordered = new ArrayList<Record>();
        var placed = new HashSet<UUID>();
        while (!left.isEmpty()) {
            var ready = left.stream()
                    .filter(row -> row.get(parent.from()) == null || placed.contains(row.get(parent.from())))
                    .toList();
            if (ready.isEmpty()) {
                throw new IllegalStateException("Rows of " + table.name() + " lie in each other.");
            }
            ordered.addAll(ready);
            ready.forEach(row -> placed.add(row.get(id)));
            left.removeAll(ready);
        }
        return ordered;
    }
}
