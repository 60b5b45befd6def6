package notchbook.app.collection;

import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_NOTCH;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Which points and topics all of a collection helps with. */
@Repository
class CollectionNotches extends NotchStore {
    CollectionNotches(DSLContext db) {
        super(
                db,
                COLLECTION_NOTCH,
                COLLECTION_NOTCH.COLLECTION_ID,
                COLLECTION_NOTCH.NODE_ID,
                COLLECTION_NOTCH.join(COLLECTION).on(COLLECTION.ID.eq(COLLECTION_NOTCH.COLLECTION_ID)));
    }
}
