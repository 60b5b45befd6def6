package notchbook.app.view;

import static notchbook.tables.Tables.BOARD_PLACE;
import static notchbook.tables.Tables.BOARD_TIE;
import static notchbook.tables.Tables.COLLECTION_ITEM;
import static org.jooq.impl.DSL.excluded;

import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

@Repository
class BoardStore {
    private final DSLContext db;

    BoardStore(DSLContext db) {
        this.db = db;
    }

    List<Place> places(UUID collectionId) {
        return db.select(BOARD_PLACE.ITEM_ID, BOARD_PLACE.X, BOARD_PLACE.Y)
                .from(BOARD_PLACE)
                .join(COLLECTION_ITEM)
                .on(COLLECTION_ITEM.ID.eq(BOARD_PLACE.ITEM_ID))
                .where(COLLECTION_ITEM.COLLECTION_ID.eq(collectionId), COLLECTION_ITEM.DELETED_AT.isNull())
                .fetch(Records.mapping(Place::new));
    }

    void put(List<Place> places) {
        db.batch(places.stream()
                        .map(place -> db.insertInto(BOARD_PLACE, BOARD_PLACE.ITEM_ID, BOARD_PLACE.X, BOARD_PLACE.Y)
                                .values(place.item(), place.x(), place.y())
                                .onDuplicateKeyUpdate()
                                .set(BOARD_PLACE.X, excluded(BOARD_PLACE.X))
                                .set(BOARD_PLACE.Y, excluded(BOARD_PLACE.Y)))
                        .toList())
                .execute();
    }

    /** The ties between things that are there. */
    List<Tie> ties(UUID collectionId) {
        var from = COLLECTION_ITEM.as("tied_from");
        var to = COLLECTION_ITEM.as("tied_to");
        return db.select(BOARD_TIE.ID, BOARD_TIE.FROM_ITEM, BOARD_TIE.TO_ITEM, BOARD_TIE.WORDS, BOARD_TIE.IS_DIRECTED)
                .from(BOARD_TIE)
                .join(from)
                .on(from.ID.eq(BOARD_TIE.FROM_ITEM), from.DELETED_AT.isNull())
                .join(to)
                .on(to.ID.eq(BOARD_TIE.TO_ITEM), to.DELETED_AT.isNull())
                .where(BOARD_TIE.COLLECTION_ID.eq(collectionId))
                .orderBy(BOARD_TIE.ID)
                .fetch(Records.mapping(Tie::new));
    }

    /** Writes a tie anew or over; false when the id is one of another collection. */
    boolean put(UUID collectionId, Tie tie) {
        db.insertInto(BOARD_TIE)
                .set(BOARD_TIE.ID, tie.id())
                .set(BOARD_TIE.COLLECTION_ID, collectionId)
                .set(BOARD_TIE.FROM_ITEM, tie.from())
                .set(BOARD_TIE.TO_ITEM, tie.to())
                .set(BOARD_TIE.WORDS, tie.words())
                .set(BOARD_TIE.IS_DIRECTED, tie.isDirected())
                .onDuplicateKeyIgnore()
                .execute();
        return db.update(BOARD_TIE)
                        .set(BOARD_TIE.WORDS, tie.words())
                        .set(BOARD_TIE.IS_DIRECTED, tie.isDirected())
                        .where(BOARD_TIE.ID.eq(tie.id()), BOARD_TIE.COLLECTION_ID.eq(collectionId))
                        .execute()
                == 1;
    }

    boolean deleteTie(UUID collectionId, UUID id) {
        return db.deleteFrom(BOARD_TIE)
                        .where(BOARD_TIE.ID.eq(id), BOARD_TIE.COLLECTION_ID.eq(collectionId))
                        .execute()
                == 1;
    }
}
