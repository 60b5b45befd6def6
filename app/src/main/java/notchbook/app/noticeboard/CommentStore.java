package notchbook.app.noticeboard;

import static notchbook.tables.Tables.NOTICEBOARD_COMMENT;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.noticeboard.Comment;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class CommentStore {
    private final DSLContext db;

    CommentStore(DSLContext db) {
        this.db = db;
    }

    /** What was said about a piece and not taken back, in the order in which it was. */
    List<Said> on(UUID pieceId) {
        return fetch(NOTICEBOARD_COMMENT.PIECE_ID.eq(pieceId).and(NOTICEBOARD_COMMENT.IS_TAKEN_BACK.isFalse()));
    }

    /** Also one that was taken back. */
    Optional<Said> find(UUID id) {
        return fetch(NOTICEBOARD_COMMENT.ID.eq(id)).stream().findFirst();
    }

    /** Those that were spoken in a sound. */
    List<Said> withSound(UUID soundId) {
        return fetch(NOTICEBOARD_COMMENT.SOUND_ID.eq(soundId).and(NOTICEBOARD_COMMENT.IS_TAKEN_BACK.isFalse()));
    }

    private List<Said> fetch(Condition which) {
        return db.selectFrom(NOTICEBOARD_COMMENT)
                .where(which)
                .orderBy(NOTICEBOARD_COMMENT.SAID_AT, NOTICEBOARD_COMMENT.ID)
                .fetch(CommentStore::said);
    }

    /** Says something, or says it again once it was taken back; what is hidden or closed stays that. */
    void put(Comment comment, Instant at) {
        db.insertInto(NOTICEBOARD_COMMENT)
                .set(NOTICEBOARD_COMMENT.ID, comment.id())
                .set(NOTICEBOARD_COMMENT.PIECE_ID, comment.pieceId())
                .set(NOTICEBOARD_COMMENT.AUTHOR_ID, comment.authorId())
                .set(NOTICEBOARD_COMMENT.WORDS, comment.words())
                .set(NOTICEBOARD_COMMENT.SOUND_ID, comment.soundId().orElse(null))
                .set(NOTICEBOARD_COMMENT.ANSWER_TO, comment.answerTo().orElse(null))
                .set(NOTICEBOARD_COMMENT.SAID_AT, at)
                .onDuplicateKeyUpdate()
                .set(NOTICEBOARD_COMMENT.WORDS, comment.words())
                .set(NOTICEBOARD_COMMENT.IS_TAKEN_BACK, false)
                .execute();
    }

    void takeBack(UUID id) {
        db.update(NOTICEBOARD_COMMENT)
                .set(NOTICEBOARD_COMMENT.IS_TAKEN_BACK, true)
                .where(NOTICEBOARD_COMMENT.ID.eq(id))
                .execute();
    }

    void hide(UUID id, boolean isHidden) {
        db.update(NOTICEBOARD_COMMENT)
                .set(NOTICEBOARD_COMMENT.IS_HIDDEN, isHidden)
                .where(NOTICEBOARD_COMMENT.ID.eq(id))
                .execute();
    }

    void close(UUID id, boolean isClosed) {
        db.update(NOTICEBOARD_COMMENT)
                .set(NOTICEBOARD_COMMENT.IS_CLOSED, isClosed)
                .where(NOTICEBOARD_COMMENT.ID.eq(id))
                .execute();
    }

    private static Said said(Record found) {
        return new Said(
                new Comment(
                        found.get(NOTICEBOARD_COMMENT.ID),
                        found.get(NOTICEBOARD_COMMENT.PIECE_ID),
                        found.get(NOTICEBOARD_COMMENT.AUTHOR_ID),
                        found.get(NOTICEBOARD_COMMENT.WORDS),
                        Optional.ofNullable(found.get(NOTICEBOARD_COMMENT.SOUND_ID)),
                        Optional.ofNullable(found.get(NOTICEBOARD_COMMENT.ANSWER_TO)),
                        found.get(NOTICEBOARD_COMMENT.IS_HIDDEN),
                        found.get(NOTICEBOARD_COMMENT.IS_CLOSED)),
                found.get(NOTICEBOARD_COMMENT.SAID_AT));
    }
}
