package notchbook.app.edition;

import static notchbook.tables.Tables.EDITION_MOVE;
import static notchbook.tables.Tables.EDITION_MOVE_PAIR;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.edition.NodeChange;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** The moves of notebooks between editions, with what each line became: enough to go back. */
@Repository
class MoveStore {
    private final DSLContext db;

    MoveStore(DSLContext db) {
        this.db = db;
    }

    /** A move as it was made; {@code before} is the exam that the notebook was for. */
    record Move(UUID id, UUID notebookId, UUID from, UUID to, ExamChoice before, Instant at) {}

    void insert(Move move, List<NodeChange> changes) {
        db.insertInto(EDITION_MOVE)
                .set(EDITION_MOVE.ID, move.id())
                .set(EDITION_MOVE.NOTEBOOK_ID, move.notebookId())
                .set(EDITION_MOVE.FROM_EDITION, move.from())
                .set(EDITION_MOVE.TO_EDITION, move.to())
                .set(EDITION_MOVE.FROM_YEAR, move.before().year())
                .set(EDITION_MOVE.FROM_TIER, move.before().tier().name())
                .set(EDITION_MOVE.MOVED_AT, move.at())
                .execute();
        db.batch(changes.stream()
                        .flatMap(change -> change.before().stream()
                                .flatMap(before -> change.after().stream().map(after -> db.insertInto(EDITION_MOVE_PAIR)
                                        .set(EDITION_MOVE_PAIR.MOVE_ID, move.id())
                                        .set(EDITION_MOVE_PAIR.BEFORE_ID, before.id())
                                        .set(EDITION_MOVE_PAIR.AFTER_ID, after.id())
                                        .set(
                                                EDITION_MOVE_PAIR.CHANGE_KIND,
                                                change.kind().name()))))
                        .toList())
                .execute();
    }

    /** The last move of a notebook that was not gone back on. */
    Optional<Move> last(UUID notebookId) {
        return db.selectFrom(EDITION_MOVE)
                .where(EDITION_MOVE.NOTEBOOK_ID.eq(notebookId), EDITION_MOVE.UNDONE_AT.isNull())
                .orderBy(EDITION_MOVE.MOVED_AT.desc())
                .limit(1)
                .fetchOptional(MoveStore::move);
    }

    Map<UUID, UUID> pairs(UUID moveId) {
        return db.selectFrom(EDITION_MOVE_PAIR)
                .where(EDITION_MOVE_PAIR.MOVE_ID.eq(moveId))
                .fetchMap(EDITION_MOVE_PAIR.BEFORE_ID, EDITION_MOVE_PAIR.AFTER_ID);
    }

    /** The reworded lines, old to new, that the student has not looked at yet. */
    Map<UUID, UUID> reworded(UUID moveId) {
        return db.selectFrom(EDITION_MOVE_PAIR)
                .where(
                        EDITION_MOVE_PAIR.MOVE_ID.eq(moveId),
                        EDITION_MOVE_PAIR.CHANGE_KIND.eq(NodeChange.Kind.REWORDED.name()),
                        EDITION_MOVE_PAIR.LOOKED_AT.isNull())
                .fetchMap(EDITION_MOVE_PAIR.BEFORE_ID, EDITION_MOVE_PAIR.AFTER_ID);
    }

    void lookedAt(UUID moveId, UUID after, Instant at) {
        db.update(EDITION_MOVE_PAIR)
                .set(EDITION_MOVE_PAIR.LOOKED_AT, at)
                .where(EDITION_MOVE_PAIR.MOVE_ID.eq(moveId), EDITION_MOVE_PAIR.AFTER_ID.eq(after))
                .execute();
    }

    void undone(UUID moveId, Instant at) {
        db.update(EDITION_MOVE)
                .set(EDITION_MOVE.UNDONE_AT, at)
                .where(EDITION_MOVE.ID.eq(moveId))
                .execute();
    }

    private static Move move(Record found) {
        return new Move(
                found.get(EDITION_MOVE.ID),
                found.get(EDITION_MOVE.NOTEBOOK_ID),
                found.get(EDITION_MOVE.FROM_EDITION),
                found.get(EDITION_MOVE.TO_EDITION),
                new ExamChoice(found.get(EDITION_MOVE.FROM_YEAR), Tier.valueOf(found.get(EDITION_MOVE.FROM_TIER))),
                found.get(EDITION_MOVE.MOVED_AT));
    }
}
