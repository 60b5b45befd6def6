package notchbook.app.coverage;

import static notchbook.tables.Tables.LOOKED_AGAIN;

import java.util.List;
import java.util.UUID;
import notchbook.core.coverage.LookedAgain;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The days on which a topic was looked at again. */
@Repository
class LookStore {
    private final DSLContext db;

    LookStore(DSLContext db) {
        this.db = db;
    }

    List<LookedAgain> of(UUID notebookId) {
        return db.selectFrom(LOOKED_AGAIN)
                .where(LOOKED_AGAIN.NOTEBOOK_ID.eq(notebookId))
                .fetch(found -> new LookedAgain(found.get(LOOKED_AGAIN.TOPIC_ID), found.get(LOOKED_AGAIN.DAY)));
    }

    void insert(UUID notebookId, LookedAgain look) {
        db.insertInto(LOOKED_AGAIN, LOOKED_AGAIN.NOTEBOOK_ID, LOOKED_AGAIN.TOPIC_ID, LOOKED_AGAIN.DAY)
                .values(notebookId, look.topic(), look.day())
                .onDuplicateKeyIgnore()
                .execute();
    }
}
