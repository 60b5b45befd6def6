package notchbook.app.collection;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.COLLECTION_ITEM;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.collection.Note;
import notchbook.core.link.ClipSpan;
import notchbook.core.source.Source;
import notchbook.formats.document.DocumentJson;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.InsertSetMoreStep;
import org.jooq.Record;
import org.jooq.Record3;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Repository
class CollectionStore {
    private static final TypeReference<Map<UUID, List<String>>> VALUES = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper mapper;

    CollectionStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    /** A collection in the bin, or a thing out of the collection of an id and a title. */
    record Deleted(
            UUID id, Optional<UUID> collectionId, String title, Optional<String> collection, Instant deletedAt) {}

    record Collection(UUID id, UUID ownerId, String title, String purpose, Optional<UUID> coverId) {}

    Optional<Collection> find(UUID id) {
        return db.selectFrom(COLLECTION)
                .where(COLLECTION.ID.eq(id), COLLECTION.DELETED_AT.isNull())
                .fetchOptional(CollectionStore::collection);
    }

    /** One of a person's own. */
    Optional<Collection> own(UUID personId, UUID id) {
        return find(id).filter(found -> found.ownerId().equals(personId));
    }

    List<Collection> ownedBy(UUID personId) {
        return db.selectFrom(COLLECTION)
                .where(COLLECTION.OWNER_ID.eq(personId), COLLECTION.DELETED_AT.isNull())
                .orderBy(COLLECTION.CREATED_AT.desc(), COLLECTION.TITLE)
                .fetch(CollectionStore::collection);
    }

    /** How many things of which kinds each collection of a person holds; empty ones are not in it. */
    Map<UUID, Map<ItemKind, Integer>> itemCounts(UUID personId) {
        return db
                .select(COLLECTION_ITEM.COLLECTION_ID, COLLECTION_ITEM.KIND, DSL.count())
                .from(COLLECTION_ITEM)
                .join(COLLECTION)
                .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID))
                .where(COLLECTION.OWNER_ID.eq(personId), COLLECTION_ITEM.DELETED_AT.isNull())
                .groupBy(COLLECTION_ITEM.COLLECTION_ID, COLLECTION_ITEM.KIND)
                .stream()
                .collect(groupingBy(Record3::value1, toMap(row -> ItemKind.valueOf(row.value2()), Record3::value3)));
    }

    void insert(Collection collection, Instant at) {
        db.insertInto(COLLECTION)
                .set(COLLECTION.ID, collection.id())
                .set(COLLECTION.OWNER_ID, collection.ownerId())
                .set(COLLECTION.TITLE, collection.title())
                .set(COLLECTION.PURPOSE, collection.purpose())
                .set(COLLECTION.CREATED_AT, at)
                .execute();
    }

    void update(Collection collection) {
        db.update(COLLECTION)
                .set(COLLECTION.TITLE, collection.title())
                .set(COLLECTION.PURPOSE, collection.purpose())
                .where(COLLECTION.ID.eq(collection.id()))
                .execute();
    }

    void cover(UUID id, Optional<UUID> media) {
        db.update(COLLECTION)
                .set(COLLECTION.COVER_ID, media.orElse(null))
                .where(COLLECTION.ID.eq(id))
                .execute();
    }

    void delete(UUID id, Instant at) {
        db.update(COLLECTION)
                .set(COLLECTION.DELETED_AT, at)
                .where(COLLECTION.ID.eq(id))
                .execute();
    }

    /** What a person deleted: collections, and things out of collections that are still there. The latest first. */
    List<Deleted> deletedBy(UUID personId, Instant since) {
        var collections = db.select(COLLECTION.ID, COLLECTION.TITLE, COLLECTION.DELETED_AT)
                .from(COLLECTION)
                .where(COLLECTION.OWNER_ID.eq(personId), COLLECTION.DELETED_AT.ge(since))
                .fetch(found -> new Deleted(
                        found.value1(), Optional.empty(), found.value2(), Optional.empty(), found.value3()));
        var things = db.select(
                        COLLECTION_ITEM.ID,
                        COLLECTION_ITEM.TITLE,
                        COLLECTION.ID,
                        COLLECTION.TITLE,
                        COLLECTION_ITEM.DELETED_AT)
                .from(COLLECTION_ITEM)
                .join(COLLECTION)
                .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID))
                .where(
                        COLLECTION.OWNER_ID.eq(personId),
                        COLLECTION.DELETED_AT.isNull(),
                        COLLECTION_ITEM.DELETED_AT.ge(since))
                .fetch(found -> new Deleted(
                        found.value1(),
                        Optional.of(found.value3()),
                        found.value2(),
                        Optional.of(found.value4()),
                        found.value5()));
        return Stream.concat(collections.stream(), things.stream())
                .sorted(Comparator.comparing(Deleted::deletedAt).reversed())
                .toList();
    }

    void restore(Deleted deleted) {
        if (deleted.collectionId().isEmpty()) {
            db.update(COLLECTION)
                    .setNull(COLLECTION.DELETED_AT)
                    .where(COLLECTION.ID.eq(deleted.id()))
                    .execute();
        } else {
            db.update(COLLECTION_ITEM)
                    .setNull(COLLECTION_ITEM.DELETED_AT)
                    .where(COLLECTION_ITEM.ID.eq(deleted.id()))
                    .execute();
        }
    }

    List<Item> items(UUID collectionId) {
        return db.selectFrom(COLLECTION_ITEM)
                .where(COLLECTION_ITEM.COLLECTION_ID.eq(collectionId), COLLECTION_ITEM.DELETED_AT.isNull())
                .orderBy(COLLECTION_ITEM.POSITION, COLLECTION_ITEM.ADDED_AT)
                .fetch(this::item);
    }

    Optional<Item> findItem(UUID id) {
        return db.selectFrom(COLLECTION_ITEM)
                .where(COLLECTION_ITEM.ID.eq(id), COLLECTION_ITEM.DELETED_AT.isNull())
                .fetchOptional(this::item);
    }

    /** Those of some things that are a person's own and not in the bin, nor their collections. */
    List<Item> ownItems(UUID personId, java.util.Collection<UUID> ids) {
        return db.select(COLLECTION_ITEM.fields())
                .from(COLLECTION_ITEM)
                .join(COLLECTION)
                .on(COLLECTION.ID.eq(COLLECTION_ITEM.COLLECTION_ID))
                .where(
                        COLLECTION_ITEM.ID.in(ids),
                        COLLECTION.OWNER_ID.eq(personId),
                        COLLECTION_ITEM.DELETED_AT.isNull(),
                        COLLECTION.DELETED_AT.isNull())
                .fetch(this::item);
    }

    int count(UUID collectionId) {
        return db.fetchCount(
                COLLECTION_ITEM, COLLECTION_ITEM.COLLECTION_ID.eq(collectionId), COLLECTION_ITEM.DELETED_AT.isNull());
    }

    List<String> addresses(UUID collectionId, UUID notOf) {
        return db.select(COLLECTION_ITEM.URL)
                .from(COLLECTION_ITEM)
                .where(
                        COLLECTION_ITEM.COLLECTION_ID.eq(collectionId),
                        COLLECTION_ITEM.DELETED_AT.isNull(),
                        COLLECTION_ITEM.URL.isNotNull(),
                        COLLECTION_ITEM.GATHERING_ID.isNull().or(COLLECTION_ITEM.GATHERING_ID.ne(notOf)))
                .fetch(COLLECTION_ITEM.URL);
    }

    void insert(Item item, Instant at) {
        inserting(item, at).execute();
    }

    /** Puts many in at once, as what came with a gathering where there is one; those that are there stay as they are. */
    void insertAll(List<Item> items, Optional<UUID> gathering, Instant at) {
        db.batch(items.stream()
                        .map(item -> inserting(item, at)
                                .set(COLLECTION_ITEM.GATHERING_ID, gathering.orElse(null))
                                .onDuplicateKeyIgnore())
                        .toList())
                .execute();
    }

    private InsertSetMoreStep<Record> inserting(Item item, Instant at) {
        return db.insertInto(COLLECTION_ITEM)
                .set(COLLECTION_ITEM.ID, item.id())
                .set(COLLECTION_ITEM.COLLECTION_ID, item.collectionId())
                .set(COLLECTION_ITEM.KIND, item.kind().name())
                .set(COLLECTION_ITEM.TITLE, item.title())
                .set(COLLECTION_ITEM.NOTE, item.note().words())
                .set(COLLECTION_ITEM.NOTE_TEXT, text(item.note()))
                .set(COLLECTION_ITEM.URL, item.url().orElse(null))
                .set(COLLECTION_ITEM.MEDIA_ID, item.mediaId().orElse(null))
                .set(COLLECTION_ITEM.ENTRY_ID, item.entryId().orElse(null))
                .set(COLLECTION_ITEM.LEADS_TO, item.leadsTo().orElse(null))
                .set(COLLECTION_ITEM.POSITION, item.position())
                .set(COLLECTION_ITEM.WHY, item.told().why())
                .set(COLLECTION_ITEM.HEADING, item.told().heading())
                .set(
                        COLLECTION_ITEM.DETAIL_VALUES,
                        mapper.writeValueAsString(item.told().values()))
                .set(COLLECTION_ITEM.SOURCE, written(item.told().source()))
                .set(COLLECTION_ITEM.TAKEN_FROM, item.told().takenFrom())
                .set(COLLECTION_ITEM.PLAYS_FROM, item.told().played().startSeconds())
                .set(COLLECTION_ITEM.PLAYS_TO, item.told().played().endSeconds().orElse(null))
                .set(COLLECTION_ITEM.ADDED_AT, at);
    }

    /** What came with a gathering goes into the bin, as far as it is not there. */
    void deleteGathered(UUID gathering, Instant at) {
        db.update(COLLECTION_ITEM)
                .set(COLLECTION_ITEM.DELETED_AT, at)
                .where(COLLECTION_ITEM.GATHERING_ID.eq(gathering), COLLECTION_ITEM.DELETED_AT.isNull())
                .execute();
    }

    void update(Item item) {
        db.update(COLLECTION_ITEM)
                .set(COLLECTION_ITEM.TITLE, item.title())
                .set(COLLECTION_ITEM.NOTE, item.note().words())
                .set(COLLECTION_ITEM.NOTE_TEXT, text(item.note()))
                .set(COLLECTION_ITEM.WHY, item.told().why())
                .set(COLLECTION_ITEM.HEADING, item.told().heading())
                .set(
                        COLLECTION_ITEM.DETAIL_VALUES,
                        mapper.writeValueAsString(item.told().values()))
                .set(COLLECTION_ITEM.SOURCE, written(item.told().source()))
                .set(COLLECTION_ITEM.URL, item.url().orElse(null))
                .set(COLLECTION_ITEM.PLAYS_FROM, item.told().played().startSeconds())
                .set(COLLECTION_ITEM.PLAYS_TO, item.told().played().endSeconds().orElse(null))
                .where(COLLECTION_ITEM.ID.eq(item.id()))
                .execute();
    }

    /** When each thing of a collection was kept. */
    Map<UUID, Instant> keptAt(UUID collectionId) {
        return keptAt(COLLECTION_ITEM.COLLECTION_ID.eq(collectionId));
    }

    private Map<UUID, Instant> keptAt(Condition of) {
        return db.select(COLLECTION_ITEM.ID, COLLECTION_ITEM.ADDED_AT)
                .from(COLLECTION_ITEM)
                .where(of)
                .fetchMap(COLLECTION_ITEM.ID, COLLECTION_ITEM.ADDED_AT);
    }

    Map<UUID, Instant> keptAt(java.util.Collection<UUID> items) {
        return keptAt(COLLECTION_ITEM.ID.in(items));
    }

    void order(UUID collectionId, List<UUID> items) {
        for (var position = 0; position < items.size(); position++) {
            db.update(COLLECTION_ITEM)
                    .set(COLLECTION_ITEM.POSITION, position)
                    .where(COLLECTION_ITEM.ID.eq(items.get(position)), COLLECTION_ITEM.COLLECTION_ID.eq(collectionId))
                    .execute();
        }
    }

    void deleteItem(UUID collectionId, UUID itemId, Instant at) {
        db.update(COLLECTION_ITEM)
                .set(COLLECTION_ITEM.DELETED_AT, at)
                .where(COLLECTION_ITEM.ID.eq(itemId), COLLECTION_ITEM.COLLECTION_ID.eq(collectionId))
                .execute();
    }

    private static Collection collection(Record found) {
        return new Collection(
                found.get(COLLECTION.ID),
                found.get(COLLECTION.OWNER_ID),
                found.get(COLLECTION.TITLE),
                found.get(COLLECTION.PURPOSE),
                Optional.ofNullable(found.get(COLLECTION.COVER_ID)));
    }

    private Item item(Record found) {
        return new Item(
                found.get(COLLECTION_ITEM.ID),
                found.get(COLLECTION_ITEM.COLLECTION_ID),
                ItemKind.valueOf(found.get(COLLECTION_ITEM.KIND)),
                found.get(COLLECTION_ITEM.TITLE),
                new Note(
                        found.get(COLLECTION_ITEM.NOTE),
                        Optional.ofNullable(found.get(COLLECTION_ITEM.NOTE_TEXT))
                                .map(DocumentJson::read)),
                Optional.ofNullable(found.get(COLLECTION_ITEM.URL)),
                Optional.ofNullable(found.get(COLLECTION_ITEM.MEDIA_ID)),
                Optional.ofNullable(found.get(COLLECTION_ITEM.ENTRY_ID)),
                Optional.ofNullable(found.get(COLLECTION_ITEM.LEADS_TO)),
                found.get(COLLECTION_ITEM.POSITION),
                new Told(
                        found.get(COLLECTION_ITEM.WHY),
                        found.get(COLLECTION_ITEM.HEADING),
                        mapper.readValue(found.get(COLLECTION_ITEM.DETAIL_VALUES), VALUES),
                        source(found.get(COLLECTION_ITEM.SOURCE)),
                        found.get(COLLECTION_ITEM.TAKEN_FROM),
                        new ClipSpan(
                                found.get(COLLECTION_ITEM.PLAYS_FROM),
                                Optional.ofNullable(found.get(COLLECTION_ITEM.PLAYS_TO)))));
    }

    private static @Nullable String text(Note note) {
        return note.text().map(DocumentJson::write).orElse(null);
    }

    /** Most things say nothing of where they come from, so nothing is kept for them. */
    private String written(Source source) {
        return source.equals(Source.UNKNOWN) ? "" : mapper.writeValueAsString(source);
    }

    private Source source(String written) {
        return written.isEmpty() ? Source.UNKNOWN : mapper.readValue(written, Source.class);
    }
}
