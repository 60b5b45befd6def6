package notchbook.app.mark;

import static notchbook.tables.Tables.TASK_FEED;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class TaskFeedStore {
    private final DSLContext db;

    TaskFeedStore(DSLContext db) {
        this.db = db;
    }

    Optional<Instant> madeAt(UUID personId) {
        return db.select(TASK_FEED.MADE_AT)
                .from(TASK_FEED)
                .where(TASK_FEED.PERSON_ID.eq(personId))
                .fetchOptional(TASK_FEED.MADE_AT);
    }

    Optional<UUID> personOf(String secretSha256) {
        return db.select(TASK_FEED.PERSON_ID)
                .from(TASK_FEED)
                .where(TASK_FEED.SECRET_SHA256.eq(secretSha256))
                .fetchOptional(TASK_FEED.PERSON_ID);
    }

    /** The one feed of a person; an earlier secret opens nothing any more. */
    void put(UUID personId, String secretSha256, Instant at) {
        delete(personId);
        db.insertInto(TASK_FEED, TASK_FEED.PERSON_ID, TASK_FEED.SECRET_SHA256, TASK_FEED.MADE_AT)
                .values(personId, secretSha256, at)
                .execute();
    }

    void delete(UUID personId) {
        db.deleteFrom(TASK_FEED).where(TASK_FEED.PERSON_ID.eq(personId)).execute();
    }
}
