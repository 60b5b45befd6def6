package notchbook.app.collection;

import static notchbook.tables.Tables.CLASS_GROUP;
import static notchbook.tables.Tables.CLASS_GROUP_MEMBER;
import static notchbook.tables.Tables.CLASS_MEMBER;
import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_FOR_CLASS;
import static notchbook.tables.Tables.COLLECTION_FOR_GROUP;
import static notchbook.tables.Tables.COLLECTION_FOR_PERSON;
import static org.jooq.impl.DSL.select;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** To whom collections are shown by name. A class stands for whoever is in it now. */
@Repository
public class CollectionReaders {
    private final DSLContext db;

    CollectionReaders(DSLContext db) {
        this.db = db;
    }

    /** The collections of others that are shown to a person and are in no bin. */
    public Set<UUID> shownTo(UUID personId) {
        return db.select(COLLECTION.ID)
                .from(COLLECTION)
                .where(isShownTo(personId))
                .fetchSet(COLLECTION.ID);
    }

    public boolean isShown(UUID collectionId, UUID personId) {
        return db.fetchExists(COLLECTION, COLLECTION.ID.eq(collectionId).and(isShownTo(personId)));
    }

    private static Condition isShownTo(UUID personId) {
        var byClass = select(COLLECTION_FOR_CLASS.COLLECTION_ID)
                .from(COLLECTION_FOR_CLASS)
                .join(CLASS_MEMBER)
                .on(CLASS_MEMBER.CLASS_ID.eq(COLLECTION_FOR_CLASS.CLASS_ID))
                .where(CLASS_MEMBER.PERSON_ID.eq(personId));
        var byName = select(COLLECTION_FOR_PERSON.COLLECTION_ID)
                .from(COLLECTION_FOR_PERSON)
                .where(COLLECTION_FOR_PERSON.PERSON_ID.eq(personId));
        // Who has left the class has left its groups; what was shown to a group that has ended is shown to nobody.
        var byGroup = select(COLLECTION_FOR_GROUP.COLLECTION_ID)
                .from(COLLECTION_FOR_GROUP)
                .join(CLASS_GROUP)
                .on(CLASS_GROUP.ID.eq(COLLECTION_FOR_GROUP.GROUP_ID), CLASS_GROUP.ENDED_AT.isNull())
                .join(CLASS_GROUP_MEMBER)
                .on(CLASS_GROUP_MEMBER.GROUP_ID.eq(CLASS_GROUP.ID))
                .join(CLASS_MEMBER)
                .on(
                        CLASS_MEMBER.CLASS_ID.eq(CLASS_GROUP.CLASS_ID),
                        CLASS_MEMBER.PERSON_ID.eq(CLASS_GROUP_MEMBER.PERSON_ID))
                .where(CLASS_GROUP_MEMBER.PERSON_ID.eq(personId));
        return COLLECTION
                .DELETED_AT
                .isNull()
                .and(COLLECTION.OWNER_ID.ne(personId))
                .and(COLLECTION.ID.in(byClass).or(COLLECTION.ID.in(byName)).or(COLLECTION.ID.in(byGroup)));
    }

    /** The classes, groups or people to whom a collection is shown. */
    public List<UUID> of(UUID collectionId, ReaderKind kind) {
        return db.select(kind.reader)
                .from(kind.reader.getTable())
                .where(kind.collection.eq(collectionId))
                .fetch(kind.reader);
    }

    public void show(UUID collectionId, ReaderKind kind, UUID reader, Instant at) {
        db.insertInto(kind.reader.getTable())
                .values(collectionId, reader, at)
                .onDuplicateKeyIgnore()
                .execute();
    }

    public void hide(UUID collectionId, ReaderKind kind, UUID reader) {
        db.deleteFrom(kind.reader.getTable())
                .where(kind.collection.eq(collectionId), kind.reader.eq(reader))
                .execute();
    }
}
