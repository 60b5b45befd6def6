package notchbook.app.bag;

import static notchbook.tables.Tables.BROUGHT_BAG;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeStore;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class BroughtStore extends MadeStore {
    private final JsonMapper mapper;

    BroughtStore(DSLContext db, JsonMapper mapper) {
        super(db, BROUGHT_BAG);
        this.mapper = mapper;
    }

    void insert(BroughtBag bag) {
        db.insertInto(BROUGHT_BAG)
                .set(BROUGHT_BAG.ID, bag.id())
                .set(BROUGHT_BAG.OWNER_ID, bag.ownerId())
                .set(BROUGHT_BAG.NAME, bag.name())
                .set(BROUGHT_BAG.STATE, bag.state().name())
                .set(BROUGHT_BAG.SHARE, bag.share())
                .set(BROUGHT_BAG.FOUND, mapper.writeValueAsString(bag.found()))
                .set(BROUGHT_BAG.BROUGHT_AT, bag.broughtAt())
                .execute();
    }

    Optional<BroughtBag> find(UUID id) {
        return fetch(BROUGHT_BAG.ID.eq(id)).stream().findFirst();
    }

    /** The latest first. */
    List<BroughtBag> of(UUID ownerId) {
        return fetch(BROUGHT_BAG.OWNER_ID.eq(ownerId));
    }

    List<BroughtBag> before(Instant time) {
        return fetch(BROUGHT_BAG.BROUGHT_AT.lt(time));
    }

    /** Goes on to a state; false when it was in another than it was thought to be. */
    boolean move(UUID id, BroughtBag.State from, BroughtBag.State to) {
        return db.update(BROUGHT_BAG)
                        .set(BROUGHT_BAG.STATE, to.name())
                        .set(BROUGHT_BAG.SHARE, 0.0)
                        .where(BROUGHT_BAG.ID.eq(id), BROUGHT_BAG.STATE.eq(from.name()))
                        .execute()
                == 1;
    }

    void found(UUID id, BroughtBag.State state, Found found) {
        db.update(BROUGHT_BAG)
                .set(BROUGHT_BAG.STATE, state.name())
                .set(BROUGHT_BAG.FOUND, mapper.writeValueAsString(found))
                .where(BROUGHT_BAG.ID.eq(id))
                .execute();
    }

    private List<BroughtBag> fetch(Condition which) {
        return db.selectFrom(BROUGHT_BAG)
                .where(which)
                .orderBy(BROUGHT_BAG.BROUGHT_AT.desc())
                .fetch(this::bag);
    }

    private BroughtBag bag(Record found) {
        return new BroughtBag(
                found.get(BROUGHT_BAG.ID),
                found.get(BROUGHT_BAG.OWNER_ID),
                found.get(BROUGHT_BAG.NAME),
                BroughtBag.State.valueOf(found.get(BROUGHT_BAG.STATE)),
                found.get(BROUGHT_BAG.SHARE),
                mapper.readValue(found.get(BROUGHT_BAG.FOUND), Found.class),
                found.get(BROUGHT_BAG.WORDS),
                found.get(BROUGHT_BAG.BROUGHT_AT));
    }
}
