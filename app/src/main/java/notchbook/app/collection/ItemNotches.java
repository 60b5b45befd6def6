package notchbook.app.collection;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_ITEM;
import static notchbook.tables.Tables.ITEM_NOTCH;
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
import org.springframework.stereotype.Repository;

/** Which points and topics the things of a collection help with. */
@Repository
class ItemNotches implements KeyedToSyllabus {
    private final DSLContext db;

    ItemNotches(DSLContext db) {
        this.db = db;
    }

    /** What each notched item of a person's collections is notched to. */
    Map<UUID, Set<UUID>> of(UUID personId) {
        return notched(COLLECTION.OWNER_ID.eq(personId));
    }

    /** The same in some collections. */
    Map<UUID, Set<UUID>> in(List<UUID> collections) {
        return notched(COLLECTION.ID.in(collections));
    }

    private Map<UUID, Set<UUID>> notched(Condition which) {
        return db
                .select(ITEM_NOTCH.ITEM_ID, ITEM_NOTCH.NODE_ID)
                .from(ITEM_NOTCH)
                .join(COLLECTION_ITEM)
                .on(COLLECTION_ITEM.ID.eq(ITEM_NOTCH.ITEM_ID))
                .join(COLLECTION)
                .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID))
                .where(which)
                .fetchGroups(ITEM_NOTCH.ITEM_ID, ITEM_NOTCH.NODE_ID)
                .entrySet()
                .stream()
                .collect(toMap(
                        Map.Entry::getKey, item -> item.getValue().stream().collect(toSet())));
    }

    void cut(UUID itemId, UUID node) {
        db.insertInto(ITEM_NOTCH, ITEM_NOTCH.ITEM_ID, ITEM_NOTCH.NODE_ID)
                .values(itemId, node)
                .onDuplicateKeyIgnore()
                .execute();
    }

    void mend(UUID itemId, UUID node) {
        db.deleteFrom(ITEM_NOTCH)
                .where(ITEM_NOTCH.ITEM_ID.eq(itemId), ITEM_NOTCH.NODE_ID.eq(node))
                .execute();
    }

    /** A resource may serve other notebooks too, so it is notched to the new lines and keeps the old ones. */
    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        if (lines.isEmpty()) {
            return;
        }
        var owner = select(NOTEBOOK.OWNER_ID).from(NOTEBOOK).where(NOTEBOOK.ID.eq(notebookId));
        var items = select(COLLECTION_ITEM.ID)
                .from(COLLECTION_ITEM)
                .join(COLLECTION)
                .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID))
                .where(COLLECTION.OWNER_ID.in(owner));
        db.insertInto(ITEM_NOTCH, ITEM_NOTCH.ITEM_ID, ITEM_NOTCH.NODE_ID)
                .select(select(ITEM_NOTCH.ITEM_ID, case_(ITEM_NOTCH.NODE_ID).mapValues(lines))
                        .from(ITEM_NOTCH)
                        .where(ITEM_NOTCH.ITEM_ID.in(items), ITEM_NOTCH.NODE_ID.in(lines.keySet())))
                .onDuplicateKeyIgnore()
                .execute();
    }
}
