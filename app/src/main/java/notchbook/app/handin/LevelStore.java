package notchbook.app.handin;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.HAND_IN_LEVEL;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.setwork.Judgements;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The levels that were chosen for versions. */
@Repository
class LevelStore implements Judgements {
    private final DSLContext db;

    LevelStore(DSLContext db) {
        this.db = db;
    }

    /** By the version, the level chosen for each criterion; both are counted from 0. */
    Map<UUID, Map<Integer, Integer>> of(Collection<UUID> handInIds) {
        return db.selectFrom(HAND_IN_LEVEL).where(HAND_IN_LEVEL.HAND_IN_ID.in(handInIds)).stream()
                .collect(groupingBy(
                        row -> row.get(HAND_IN_LEVEL.HAND_IN_ID),
                        toMap(row -> row.get(HAND_IN_LEVEL.CRITERION), row -> row.get(HAND_IN_LEVEL.LEVEL))));
    }

    @Override
    public boolean isJudged(UUID setWorkId) {
        return db.fetchExists(db.selectOne()
                .from(HAND_IN_LEVEL)
                .join(HAND_IN)
                .on(HAND_IN.ID.eq(HAND_IN_LEVEL.HAND_IN_ID))
                .where(HAND_IN.SET_WORK_ID.eq(setWorkId)));
    }

    void put(UUID handInId, int criterion, Optional<Integer> level) {
        db.deleteFrom(HAND_IN_LEVEL)
                .where(HAND_IN_LEVEL.HAND_IN_ID.eq(handInId), HAND_IN_LEVEL.CRITERION.eq(criterion))
                .execute();
        level.ifPresent(chosen -> db.insertInto(HAND_IN_LEVEL)
                .set(HAND_IN_LEVEL.HAND_IN_ID, handInId)
                .set(HAND_IN_LEVEL.CRITERION, criterion)
                .set(HAND_IN_LEVEL.LEVEL, chosen)
                .execute());
    }
}
