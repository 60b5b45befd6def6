package notchbook.app.collection;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.NOTEBOOK;
import static org.jooq.impl.DSL.case_;
import static org.jooq.impl.DSL.select;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;

/** Which points and topics collections, or the things of collections, help with. */
abstract class NotchStore implements KeyedToSyllabus {
    private final DSLContext db;
    private final Table<? extends Record> table;
    private final Field<UUID> of;
    private final Field<UUID> node;
    private final Table<? extends Record> withCollection;

    /** {@code of} says what is notched; {@code withCollection} joins it to its collection. */
    NotchStore(
            DSLContext db,
            Table<? extends Record> table,
            Field<UUID> of,
            Field<UUID> node,
            Table<? extends Record> withCollection) {
        this.db = db;
        this.table = table;
        this.of = of;
        this.node = node;
        this.withCollection = withCollection;
    }

    /** What each notched one of a person is notched to. */
    Map<UUID, Set<UUID>> of(UUID personId) {
        return notched(COLLECTION.OWNER_ID.eq(personId));
    }

    /** The same in some collections. */
    Map<UUID, Set<UUID>> in(List<UUID> collections) {
        return notched(COLLECTION.ID.in(collections));
    }

    private Map<UUID, Set<UUID>> notched(Condition which) {
        return db.select(of, node).from(withCollection).where(which).fetchGroups(of, node).entrySet().stream()
                .collect(toMap(Map.Entry::getKey, one -> one.getValue().stream().collect(toSet())));
    }

    void cut(UUID id, UUID line) {
        db.insertInto(table, of, node).values(id, line).onDuplicateKeyIgnore().execute();
    }

    void mend(UUID id, UUID line) {
        db.deleteFrom(table).where(of.eq(id), node.eq(line)).execute();
    }

    /** A resource may serve other notebooks too, so it is notched to the new lines and keeps the old ones. */
    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        if (lines.isEmpty()) {
            return;
        }
        var owner = select(NOTEBOOK.OWNER_ID).from(NOTEBOOK).where(NOTEBOOK.ID.eq(notebookId));
        db.insertInto(table, of, node)
                .select(select(of, case_(node).mapValues(lines))
                        .from(withCollection)
                        .where(COLLECTION.OWNER_ID.in(owner), node.in(lines.keySet())))
                .onDuplicateKeyIgnore()
                .execute();
    }
}
