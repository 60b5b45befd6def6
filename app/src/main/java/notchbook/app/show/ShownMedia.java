package notchbook.app.show;

import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_ITEM;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.ENTRY_MEDIA;
import static notchbook.tables.Tables.LINK_CARD;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectOne;

import java.util.UUID;
import notchbook.app.collection.CollectionReaders;
import notchbook.app.media.MediaGrant;
import notchbook.app.people.Person;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Who is shown a collection sees its files, the pictures of its links, and those of the entries in it that are in no bin. */
@Component
class ShownMedia implements MediaGrant {
    private final DSLContext db;
    private final CollectionReaders readers;

    ShownMedia(DSLContext db, CollectionReaders readers) {
        this.db = db;
        this.readers = readers;
    }

    @Override
    public boolean lets(Person reader, UUID mediaId) {
        var shown = readers.shownTo(reader.id());
        if (shown.isEmpty()) {
            return false;
        }
        var entries = select(ENTRY.ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID), PAGE.DELETED_AT.isNull())
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID), SECTION.DELETED_AT.isNull())
                .where(
                        ENTRY.DELETED_AT.isNull(),
                        ENTRY.MEDIA_ID
                                .eq(mediaId)
                                .or(ENTRY.ID.in(select(ENTRY_MEDIA.ENTRY_ID)
                                        .from(ENTRY_MEDIA)
                                        .where(ENTRY_MEDIA.MEDIA_ID.eq(mediaId)))));
        // The card of another person for the same address is not shown along.
        var pictured = exists(selectOne()
                .from(LINK_CARD)
                .join(COLLECTION)
                .on(COLLECTION.OWNER_ID.eq(LINK_CARD.OWNER_ID))
                .where(
                        LINK_CARD.PICTURE_ID.eq(mediaId),
                        LINK_CARD.ADDRESS.eq(COLLECTION_ITEM.URL),
                        COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID)));
        var isCover = db.fetchExists(COLLECTION, COLLECTION.COVER_ID.eq(mediaId).and(COLLECTION.ID.in(shown)));
        return isCover
                || db.fetchExists(
                        COLLECTION_ITEM,
                        COLLECTION_ITEM
                                .COLLECTION_ID
                                .in(shown)
                                .and(COLLECTION_ITEM.DELETED_AT.isNull())
                                .and(COLLECTION_ITEM
                                        .MEDIA_ID
                                        .eq(mediaId)
                                        .or(COLLECTION_ITEM.ENTRY_ID.in(entries))
                                        .or(pictured)));
    }
}
