package notchbook.app.collection;

import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_ITEM;
import static notchbook.tables.Tables.ITEM_NOTCH;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Which points and topics the things of a collection help with. */
@Repository
class ItemNotches extends NotchStore {
    ItemNotches(DSLContext db) {
        super(
                db,
                ITEM_NOTCH,
                ITEM_NOTCH.ITEM_ID,
                ITEM_NOTCH.NODE_ID,
                ITEM_NOTCH
                        .join(COLLECTION_ITEM)
                        .on(COLLECTION_ITEM.ID.eq(ITEM_NOTCH.ITEM_ID))
                        .join(COLLECTION)
                        .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID)));
    }
}
