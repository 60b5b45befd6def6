package notchbook.app.plan;

import static notchbook.tables.Tables.CLASS_PLAN;
import static notchbook.tables.Tables.OWN_PLAN;

import java.util.Map;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Rekeying;
import notchbook.core.calendar.WeekRange;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The plans of classes, and what students shift of them in their notebooks. */
@Repository
class PlanStore implements KeyedToSyllabus {
    private final DSLContext db;

    PlanStore(DSLContext db) {
        this.db = db;
    }

    Map<UUID, WeekRange> ofClass(UUID classId) {
        return db.selectFrom(CLASS_PLAN)
                .where(CLASS_PLAN.CLASS_ID.eq(classId))
                .fetchMap(
                        CLASS_PLAN.TOPIC_ID,
                        found -> new WeekRange(found.get(CLASS_PLAN.FIRST_WEEK), found.get(CLASS_PLAN.LAST_WEEK)));
    }

    Map<UUID, WeekRange> own(UUID notebookId) {
        return db.selectFrom(OWN_PLAN)
                .where(OWN_PLAN.NOTEBOOK_ID.eq(notebookId))
                .fetchMap(
                        OWN_PLAN.TOPIC_ID,
                        found -> new WeekRange(found.get(OWN_PLAN.FIRST_WEEK), found.get(OWN_PLAN.LAST_WEEK)));
    }

    void putOfClass(UUID classId, UUID topic, WeekRange weeks) {
        db.insertInto(CLASS_PLAN, CLASS_PLAN.CLASS_ID, CLASS_PLAN.TOPIC_ID, CLASS_PLAN.FIRST_WEEK, CLASS_PLAN.LAST_WEEK)
                .values(classId, topic, weeks.first(), weeks.last())
                .onDuplicateKeyUpdate()
                .set(CLASS_PLAN.FIRST_WEEK, weeks.first())
                .set(CLASS_PLAN.LAST_WEEK, weeks.last())
                .execute();
    }

    void putOwn(UUID notebookId, UUID topic, WeekRange weeks) {
        db.insertInto(OWN_PLAN, OWN_PLAN.NOTEBOOK_ID, OWN_PLAN.TOPIC_ID, OWN_PLAN.FIRST_WEEK, OWN_PLAN.LAST_WEEK)
                .values(notebookId, topic, weeks.first(), weeks.last())
                .onDuplicateKeyUpdate()
                .set(OWN_PLAN.FIRST_WEEK, weeks.first())
                .set(OWN_PLAN.LAST_WEEK, weeks.last())
                .execute();
    }

    void deleteOfClass(UUID classId, UUID topic) {
        db.deleteFrom(CLASS_PLAN)
                .where(CLASS_PLAN.CLASS_ID.eq(classId), CLASS_PLAN.TOPIC_ID.eq(topic))
                .execute();
    }

    void deleteOfClass(UUID classId) {
        db.deleteFrom(CLASS_PLAN).where(CLASS_PLAN.CLASS_ID.eq(classId)).execute();
    }

    void deleteOwn(UUID notebookId, UUID topic) {
        db.deleteFrom(OWN_PLAN)
                .where(OWN_PLAN.NOTEBOOK_ID.eq(notebookId), OWN_PLAN.TOPIC_ID.eq(topic))
                .execute();
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        Rekeying.apply(db, OWN_PLAN.TOPIC_ID, OWN_PLAN.NOTEBOOK_ID.eq(notebookId), lines);
    }
}
