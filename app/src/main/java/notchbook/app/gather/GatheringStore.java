package notchbook.app.gather;

import static notchbook.tables.Tables.GATHERING;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.MadeStore;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Repository
class GatheringStore extends MadeStore {
    private static final TypeReference<List<ColumnBody>> COLUMNS = new TypeReference<>() {};

    private final JsonMapper mapper;

    GatheringStore(DSLContext db, JsonMapper mapper) {
        super(db, GATHERING);
        this.mapper = mapper;
    }

    void insert(Gathering gathering, Instant at) {
        db.insertInto(GATHERING)
                .set(GATHERING.ID, gathering.id())
                .set(GATHERING.COLLECTION_ID, gathering.collectionId())
                .set(GATHERING.OWNER_ID, gathering.ownerId())
                .set(GATHERING.MEDIA_ID, gathering.mediaId())
                .set(GATHERING.COLUMNS, mapper.writeValueAsString(gathering.columns()))
                .set(GATHERING.STATE, gathering.state().name())
                .set(GATHERING.SHARE, gathering.share())
                .set(GATHERING.ADDED, gathering.added())
                .set(GATHERING.MERGED, gathering.merged())
                .set(GATHERING.LEFT_OUT, gathering.leftOut())
                .set(GATHERING.WORDS, gathering.words())
                .set(GATHERING.WANTED_AT, at)
                .execute();
    }

    Optional<Gathering> find(UUID id) {
        return db.selectFrom(GATHERING)
                .where(GATHERING.ID.eq(id))
                .fetchOptional(found -> new Gathering(
                        found.get(GATHERING.ID),
                        found.get(GATHERING.COLLECTION_ID),
                        found.get(GATHERING.OWNER_ID),
                        found.get(GATHERING.MEDIA_ID),
                        mapper.readValue(found.get(GATHERING.COLUMNS), COLUMNS),
                        MadeState.valueOf(found.get(GATHERING.STATE)),
                        found.get(GATHERING.SHARE),
                        found.get(GATHERING.ADDED),
                        found.get(GATHERING.MERGED),
                        found.get(GATHERING.LEFT_OUT),
                        found.get(GATHERING.WORDS)));
    }

    void taken(UUID id, int added, int merged, int leftOut) {
        db.update(GATHERING)
                .set(GATHERING.STATE, MadeState.READY.name())
                .set(GATHERING.SHARE, 1.0)
                .set(GATHERING.ADDED, added)
                .set(GATHERING.MERGED, merged)
                .set(GATHERING.LEFT_OUT, leftOut)
                .where(GATHERING.ID.eq(id))
                .execute();
    }
}
