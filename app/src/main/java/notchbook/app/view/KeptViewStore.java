package notchbook.app.view;

import static notchbook.tables.Tables.COLLECTION_VIEW;

import java.util.List;
import java.util.UUID;
import notchbook.core.view.Look;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class KeptViewStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    KeptViewStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    List<NamedView> of(UUID collectionId) {
        return db.selectFrom(COLLECTION_VIEW)
                .where(COLLECTION_VIEW.COLLECTION_ID.eq(collectionId))
                .orderBy(COLLECTION_VIEW.POSITION, COLLECTION_VIEW.ID)
                .fetch(found -> new NamedView(
                        found.get(COLLECTION_VIEW.ID),
                        found.get(COLLECTION_VIEW.NAME),
                        mapper.readValue(found.get(COLLECTION_VIEW.LOOK), Look.class)));
    }

    /** Writes a view anew, at that place, or over; false when the id is one of another collection. */
    boolean put(UUID collectionId, NamedView view, int position) {
        var look = mapper.writeValueAsString(view.look());
        db.insertInto(COLLECTION_VIEW)
                .set(COLLECTION_VIEW.ID, view.id())
                .set(COLLECTION_VIEW.COLLECTION_ID, collectionId)
                .set(COLLECTION_VIEW.NAME, view.name())
                .set(COLLECTION_VIEW.LOOK, look)
                .set(COLLECTION_VIEW.POSITION, position)
                .onDuplicateKeyIgnore()
                .execute();
        return db.update(COLLECTION_VIEW)
                        .set(COLLECTION_VIEW.NAME, view.name())
                        .set(COLLECTION_VIEW.LOOK, look)
                        .where(COLLECTION_VIEW.ID.eq(view.id()), COLLECTION_VIEW.COLLECTION_ID.eq(collectionId))
                        .execute()
                == 1;
    }

    boolean delete(UUID collectionId, UUID id) {
        return db.deleteFrom(COLLECTION_VIEW)
                        .where(COLLECTION_VIEW.ID.eq(id), COLLECTION_VIEW.COLLECTION_ID.eq(collectionId))
                        .execute()
                == 1;
    }
}
