package notchbook.app.review;

import static notchbook.tables.Tables.CUE_ASKED;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Which cues were asked when, and whether they were known. */
@Repository
class CueStore {
    private final DSLContext db;

    CueStore(DSLContext db) {
        this.db = db;
    }

    /** Whether each cue was known the last time it was asked; cues never asked are not in it. */
    Map<UUID, Boolean> lastKnown(Collection<UUID> cues) {
        var last = new HashMap<UUID, Boolean>();
        db.selectFrom(CUE_ASKED)
                .where(CUE_ASKED.CUE.in(cues))
                .orderBy(CUE_ASKED.AT)
                .forEach(asked -> last.put(asked.get(CUE_ASKED.CUE), asked.get(CUE_ASKED.IS_KNOWN)));
        return last;
    }

    void insert(UUID cue, Instant at, boolean isKnown) {
        db.insertInto(CUE_ASKED, CUE_ASKED.CUE, CUE_ASKED.AT, CUE_ASKED.IS_KNOWN)
                .values(cue, at, isKnown)
                .onDuplicateKeyIgnore()
                .execute();
    }
}
