package notchbook.app.collection;

import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_DETAIL;
import static notchbook.tables.Tables.COLLECTION_ITEM;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The details of collections; a deleted one stays, as things keep their values of it. */
@Repository
class DetailStore {
    private static final TypeReference<Map<UUID, List<String>>> VALUES = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper mapper;

    DetailStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    /** Those of a collection in their order. */
    List<Detail> of(UUID collectionId) {
        return fetch(COLLECTION_DETAIL.COLLECTION_ID.eq(collectionId).and(COLLECTION_DETAIL.DELETED_AT.isNull()));
    }

    /** Also one that was deleted. */
    Optional<Detail> find(UUID collectionId, UUID id) {
        return fetch(COLLECTION_DETAIL.ID.eq(id).and(COLLECTION_DETAIL.COLLECTION_ID.eq(collectionId))).stream()
                .findFirst();
    }

    private List<Detail> fetch(Condition which) {
        return db.selectFrom(COLLECTION_DETAIL)
                .where(which)
                .orderBy(COLLECTION_DETAIL.POSITION, COLLECTION_DETAIL.ID)
                .fetch(found -> new Detail(
                        found.get(COLLECTION_DETAIL.ID),
                        found.get(COLLECTION_DETAIL.NAME),
                        DetailKind.valueOf(found.get(COLLECTION_DETAIL.KIND)),
                        found.get(COLLECTION_DETAIL.UNIT)));
    }

    /** Those of each collection of a person. */
    Map<UUID, List<Detail>> ofPerson(UUID personId) {
        var found = new LinkedHashMap<UUID, List<Detail>>();
        db.select(COLLECTION.ID)
                .from(COLLECTION)
                .where(COLLECTION.OWNER_ID.eq(personId), COLLECTION.DELETED_AT.isNull())
                .orderBy(COLLECTION.CREATED_AT.desc())
                .fetch(COLLECTION.ID)
                .forEach(id -> found.put(id, of(id)));
        return found;
    }

    void insert(UUID collectionId, Detail detail, int position) {
        db.insertInto(COLLECTION_DETAIL)
                .set(COLLECTION_DETAIL.ID, detail.id())
                .set(COLLECTION_DETAIL.COLLECTION_ID, collectionId)
                .set(COLLECTION_DETAIL.NAME, detail.name())
                .set(COLLECTION_DETAIL.KIND, detail.kind().name())
                .set(COLLECTION_DETAIL.UNIT, detail.unit())
                .set(COLLECTION_DETAIL.POSITION, position)
                .onDuplicateKeyIgnore()
                .execute();
    }

    void rename(Detail detail) {
        db.update(COLLECTION_DETAIL)
                .set(COLLECTION_DETAIL.NAME, detail.name())
                .set(COLLECTION_DETAIL.UNIT, detail.unit())
                .where(COLLECTION_DETAIL.ID.eq(detail.id()))
                .execute();
    }

    void delete(UUID id, Instant at) {
        db.update(COLLECTION_DETAIL)
                .set(COLLECTION_DETAIL.DELETED_AT, at)
                .where(COLLECTION_DETAIL.ID.eq(id))
                .execute();
    }

    void restore(UUID id) {
        db.update(COLLECTION_DETAIL)
                .setNull(COLLECTION_DETAIL.DELETED_AT)
                .where(COLLECTION_DETAIL.ID.eq(id))
                .execute();
    }

    /** The values of all things of a collection, by the thing. */
    Map<UUID, Map<UUID, List<String>>> values(UUID collectionId) {
        return db.select(COLLECTION_ITEM.ID, COLLECTION_ITEM.DETAIL_VALUES)
                .from(COLLECTION_ITEM)
                .where(COLLECTION_ITEM.COLLECTION_ID.eq(collectionId))
                .fetchMap(COLLECTION_ITEM.ID, found -> mapper.readValue(found.value2(), VALUES));
    }

    void keep(Map<UUID, Map<UUID, List<String>>> values) {
        db.batch(values.entrySet().stream()
                        .map(one -> db.update(COLLECTION_ITEM)
                                .set(COLLECTION_ITEM.DETAIL_VALUES, mapper.writeValueAsString(one.getValue()))
                                .where(COLLECTION_ITEM.ID.eq(one.getKey())))
                        .toList())
                .execute();
    }
}
