package notchbook.app.pattern;

import static notchbook.tables.Tables.OWN_PATTERN;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import notchbook.core.notebook.Pattern;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class PatternStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    PatternStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    List<OwnPattern> of(UUID ownerId) {
        return db.selectFrom(OWN_PATTERN)
                .where(OWN_PATTERN.OWNER_ID.eq(ownerId))
                .orderBy(OWN_PATTERN.MADE_AT, OWN_PATTERN.ID)
                .fetch(found -> new OwnPattern(
                        found.get(OWN_PATTERN.ID), mapper.readValue(found.get(OWN_PATTERN.PATTERN), Pattern.class)));
    }

    /** Writes a person's pattern anew or over; false when the id is another person's. */
    boolean put(UUID ownerId, OwnPattern own, Instant at) {
        var pattern = mapper.writeValueAsString(own.pattern());
        db.insertInto(OWN_PATTERN)
                .set(OWN_PATTERN.ID, own.id())
                .set(OWN_PATTERN.OWNER_ID, ownerId)
                .set(OWN_PATTERN.PATTERN, pattern)
                .set(OWN_PATTERN.MADE_AT, at)
                .onDuplicateKeyIgnore()
                .execute();
        return db.update(OWN_PATTERN)
                        .set(OWN_PATTERN.PATTERN, pattern)
                        .where(OWN_PATTERN.ID.eq(own.id()), OWN_PATTERN.OWNER_ID.eq(ownerId))
                        .execute()
                == 1;
    }

    boolean delete(UUID ownerId, UUID id) {
        return db.deleteFrom(OWN_PATTERN)
                        .where(OWN_PATTERN.ID.eq(id), OWN_PATTERN.OWNER_ID.eq(ownerId))
                        .execute()
                == 1;
    }
}
