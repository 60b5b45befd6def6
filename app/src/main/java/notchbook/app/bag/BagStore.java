package notchbook.app.bag;

import static notchbook.tables.Tables.BAG;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

@Repository
class BagStore {
    private final DSLContext db;

    BagStore(DSLContext db) {
        this.db = db;
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

    /** Said beside the transaction that reads everything. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void share(UUID id, double share) {
        db.update(BAG).set(BAG.SHARE, share).where(BAG.ID.eq(id)).execute();
    }

    void ready(UUID id, long bytes) {
        db.update(BAG)
                .set(BAG.STATE, Bag.State.READY.name())
                .set(BAG.SHARE, 1.0)
                .set(BAG.BYTES, bytes)
                .where(BAG.ID.eq(id))
                .execute();
    }

    void failed(UUID id, String words) {
        db.update(BAG)
                .set(BAG.STATE, Bag.State.FAILED.name())
                .set(BAG.WORDS, words)
                .where(BAG.ID.eq(id))
                .execute();
    }

    void delete(UUID id) {
        db.deleteFrom(BAG).where(BAG.ID.eq(id)).execute();
    }

    private List<Bag> fetch(Condition which) {
        return db.selectFrom(BAG).where(which).orderBy(BAG.WANTED_AT.desc()).fetch(BagStore::bag);
    }

    private static Bag bag(Record found) {
        return new Bag(
                found.get(BAG.ID),
                found.get(BAG.OWNER_ID),
                Optional.ofNullable(found.get(BAG.NOTEBOOK_ID)),
                Bag.State.valueOf(found.get(BAG.STATE)),
                found.get(BAG.SHARE),
                found.get(BAG.BYTES),
                found.get(BAG.WORDS),
                found.get(BAG.WANTED_AT));
    }
}
