package notchbook.app.handin;

import static notchbook.tables.Tables.REMARK;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class RemarkStore {
    private final DSLContext db;

    RemarkStore(DSLContext db) {
        this.db = db;
    }

    /** The remarks on these versions, in the order of their numbers. */
    List<Remark> on(Collection<UUID> handInIds) {
        return db.selectFrom(REMARK)
                .where(REMARK.HAND_IN_ID.in(handInIds))
                .orderBy(REMARK.NUMBER)
                .fetch(found -> new Remark(
                        found.get(REMARK.ID),
                        found.get(REMARK.HAND_IN_ID),
                        found.get(REMARK.PAGE_ID),
                        found.get(REMARK.ENTRY_ID),
                        found.get(REMARK.NUMBER),
                        found.get(REMARK.AUTHOR_ID),
                        found.get(REMARK.WORDS),
                        found.get(REMARK.AT)));
    }

    void insert(Remark remark) {
        db.insertInto(REMARK)
                .set(REMARK.ID, remark.id())
                .set(REMARK.HAND_IN_ID, remark.handInId())
                .set(REMARK.PAGE_ID, remark.pageId())
                .set(REMARK.ENTRY_ID, remark.entryId())
                .set(REMARK.NUMBER, remark.number())
                .set(REMARK.AUTHOR_ID, remark.authorId())
                .set(REMARK.WORDS, remark.words())
                .set(REMARK.AT, remark.at())
                .execute();
    }

    void delete(UUID handInId, UUID id) {
        db.deleteFrom(REMARK)
                .where(REMARK.ID.eq(id), REMARK.HAND_IN_ID.eq(handInId))
                .execute();
    }
}
