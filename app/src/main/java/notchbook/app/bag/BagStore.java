package notchbook.app.bag;

import static notchbook.tables.Tables.BAG;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.MadeStore;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class BagStore extends MadeStore {

    BagStore(DSLContext db) {
        super(db, BAG);
    }

    void insert(Bag bag) {
        db.insertInto(BAG)
                .set(BAG.ID, bag.id())
                .set(BAG.OWNER_ID, bag.ownerId())
                .set(BAG.NOTEBOOK_ID, bag.notebookId().orElse(null))
                .set(BAG.STATE, bag.state().name())
                .set(BAG.SHARE, bag.share())
                .set(BAG.BYTES, bag.bytes())
                .set(BAG.WANTED_AT, bag.wantedAt())
                .execute();
    }

    Optional<Bag> find(UUID id) {
        return fetch(BAG.ID.eq(id)).stream().findFirst();
    }

    /** The latest first. */
    List<Bag> of(UUID ownerId) {
        return fetch(BAG.OWNER_ID.eq(ownerId));
    }

    List<Bag> before(Instant time) {
        return fetch(BAG.WANTED_AT.lt(time));
    }

    private List<Bag> fetch(Condition which) {
        return db.selectFrom(BAG).where(which).orderBy(BAG.WANTED_AT.desc()).fetch(BagStore::bag);
    }

    private static Bag bag(Record found) {
        return new Bag(
                found.get(BAG.ID),
                found.get(BAG.OWNER_ID),
                Optional.ofNullable(found.get(BAG.NOTEBOOK_ID)),
                MadeState.valueOf(found.get(BAG.STATE)),
                found.get(BAG.SHARE),
                found.get(BAG.BYTES),
                found.get(BAG.WORDS),
                found.get(BAG.WANTED_AT));
    }
}
