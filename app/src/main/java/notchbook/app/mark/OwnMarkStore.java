package notchbook.app.mark;

import static notchbook.tables.Tables.MARK;
import static notchbook.tables.Tables.OWN_MARK;

import java.util.List;
import java.util.UUID;
import notchbook.core.mark.MarkShape;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class OwnMarkStore {
    private final DSLContext db;

    OwnMarkStore(DSLContext db) {
        this.db = db;
    }

    List<OwnMark> of(UUID ownerId) {
        return db.selectFrom(OWN_MARK)
                .where(OWN_MARK.OWNER_ID.eq(ownerId))
                .orderBy(OWN_MARK.ID)
                .fetch(found -> new OwnMark(
                        found.get(OWN_MARK.ID),
                        found.get(OWN_MARK.NAME),
                        MarkShape.valueOf(found.get(OWN_MARK.SHAPE))));
    }

    /** Writes a person's own kind anew or over; false when the id is another person's. */
    boolean put(UUID ownerId, OwnMark own) {
        db.insertInto(OWN_MARK)
                .set(OWN_MARK.ID, own.id())
                .set(OWN_MARK.OWNER_ID, ownerId)
                .set(OWN_MARK.NAME, own.name())
                .set(OWN_MARK.SHAPE, own.shape().name())
                .onDuplicateKeyIgnore()
                .execute();
        return db.update(OWN_MARK)
                        .set(OWN_MARK.NAME, own.name())
                        .set(OWN_MARK.SHAPE, own.shape().name())
                        .where(OWN_MARK.ID.eq(own.id()), OWN_MARK.OWNER_ID.eq(ownerId))
                        .execute()
                == 1;
    }

    int uses(UUID id) {
        return db.fetchCount(MARK, MARK.OWN_ID.eq(id));
    }

    boolean delete(UUID ownerId, UUID id) {
        return db.deleteFrom(OWN_MARK)
                        .where(OWN_MARK.ID.eq(id), OWN_MARK.OWNER_ID.eq(ownerId))
                        .execute()
                == 1;
    }
}
