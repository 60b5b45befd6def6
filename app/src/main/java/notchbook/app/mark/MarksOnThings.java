package notchbook.app.mark;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_ITEM;
import static notchbook.tables.Tables.THING_MARK;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.mark.Mark;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Marks on things of collections, as they are kept; whose a thing is, its collection knows. */
@Repository
public class MarksOnThings {
    private final DSLContext db;

    MarksOnThings(DSLContext db) {
        this.db = db;
    }

    /** The marks of some things, by the thing; the earliest first. */
    public Map<UUID, List<Mark>> on(Collection<UUID> things) {
        return db
                .selectFrom(THING_MARK)
                .where(THING_MARK.ITEM_ID.in(things))
                .orderBy(THING_MARK.MADE_AT, THING_MARK.ID)
                .stream()
                .collect(groupingBy(
                        found -> found.get(THING_MARK.ITEM_ID),
                        mapping(found -> MarkRow.read(found, Optional.empty()), toList())));
    }

    /** All marks on a person's things, by the thing. */
    public Map<UUID, List<Mark>> ofOwner(UUID personId) {
        return on(db.select(COLLECTION_ITEM.ID)
                .from(COLLECTION_ITEM)
                .join(COLLECTION)
                .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID))
                .join(THING_MARK)
                .on(THING_MARK.ITEM_ID.eq(COLLECTION_ITEM.ID))
                .where(COLLECTION.OWNER_ID.eq(personId))
                .fetchSet(COLLECTION_ITEM.ID));
    }

    /** Writes a mark anew or over; a mark of this id on another thing stays there. */
    public void put(UUID thing, Mark mark) {
        remove(thing, mark.id());
        db.insertInto(THING_MARK)
                .set(MarkRow.of(mark))
                .set(THING_MARK.ITEM_ID, thing)
                .onDuplicateKeyIgnore()
                .execute();
    }

    public void remove(UUID thing, UUID id) {
        db.deleteFrom(THING_MARK)
                .where(THING_MARK.ID.eq(id), THING_MARK.ITEM_ID.eq(thing))
                .execute();
    }
}
