package notchbook.app.handin;

import static notchbook.tables.Tables.SET_WORK;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class SetWorkStore {
    private final DSLContext db;

    SetWorkStore(DSLContext db) {
        this.db = db;
    }

    Optional<SetWork> find(UUID id) {
        return fetch(SET_WORK.ID.eq(id)).stream().findFirst();
    }

    /** The set work of classes, the latest due first. */
    List<SetWork> of(Collection<UUID> classIds) {
        return fetch(SET_WORK.CLASS_ID.in(classIds));
    }

    void insert(SetWork work) {
        db.insertInto(SET_WORK)
                .set(SET_WORK.ID, work.id())
                .set(SET_WORK.CLASS_ID, work.classId())
                .set(SET_WORK.TITLE, work.title())
                .set(SET_WORK.INSTRUCTIONS, work.instructions())
                .set(SET_WORK.TOPIC_ID, work.topicId())
                .set(SET_WORK.DUE, work.due())
                .set(SET_WORK.SET_BY, work.setBy())
                .execute();
    }

    private List<SetWork> fetch(Condition which) {
        return db.selectFrom(SET_WORK)
                .where(which)
                .orderBy(SET_WORK.DUE.desc(), SET_WORK.TITLE)
                .fetch(found -> new SetWork(
                        found.get(SET_WORK.ID),
                        found.get(SET_WORK.CLASS_ID),
                        found.get(SET_WORK.TITLE),
                        found.get(SET_WORK.INSTRUCTIONS),
                        found.get(SET_WORK.TOPIC_ID),
                        found.get(SET_WORK.DUE),
                        found.get(SET_WORK.SET_BY)));
    }
}
