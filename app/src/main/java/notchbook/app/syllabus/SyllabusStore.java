package notchbook.app.syllabus;

import static notchbook.tables.Tables.CLASS_PLAN;
import static notchbook.tables.Tables.EDITION;
import static notchbook.tables.Tables.SYLLABUS_NODE;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class SyllabusStore {
    private final DSLContext db;

    SyllabusStore(DSLContext db) {
        this.db = db;
    }

    /** Editions that everybody has, and those that this person added. */
    List<EditionInfo> editions(UUID personId) {
        return db.selectFrom(EDITION)
                .where(EDITION.ADDED_BY.isNull().or(EDITION.ADDED_BY.eq(personId)))
                .orderBy(EDITION.CODE, EDITION.TITLE)
                .fetch(found ->
                        new EditionInfo(found.get(EDITION.ID), found.get(EDITION.CODE), found.get(EDITION.TITLE)));
    }

    List<SyllabusNode> nodes(UUID editionId) {
        return db.selectFrom(SYLLABUS_NODE)
                .where(SYLLABUS_NODE.EDITION_ID.eq(editionId))
                .orderBy(SYLLABUS_NODE.POSITION)
                .fetch(SyllabusStore::node);
    }

    void insert(EditionInfo edition, Optional<UUID> addedBy, Instant at, List<SyllabusNode> nodes) {
        db.insertInto(EDITION)
                .set(EDITION.ID, edition.id())
                .set(EDITION.CODE, edition.code())
                .set(EDITION.TITLE, edition.title())
                .set(EDITION.ADDED_BY, addedBy.orElse(null))
                .set(EDITION.ADDED_AT, at)
                .execute();
        for (var position = 0; position < nodes.size(); position++) {
            insert(edition.id(), nodes.get(position), position);
        }
        // Parents may stand below their children in a file, so the links come last.
        nodes.forEach(node -> node.parent().ifPresent(parent -> db.update(SYLLABUS_NODE)
                .set(SYLLABUS_NODE.PARENT_ID, parent)
                .where(SYLLABUS_NODE.ID.eq(node.id()))
                .execute()));
    }

    Map<UUID, WeekRange> plan(UUID classId) {
        return db.selectFrom(CLASS_PLAN)
                .where(CLASS_PLAN.CLASS_ID.eq(classId))
                .fetchMap(
                        CLASS_PLAN.TOPIC_ID,
                        found -> new WeekRange(found.get(CLASS_PLAN.FIRST_WEEK), found.get(CLASS_PLAN.LAST_WEEK)));
    }

    void insertPlan(UUID classId, UUID topicId, WeekRange weeks) {
        db.insertInto(CLASS_PLAN)
                .set(CLASS_PLAN.CLASS_ID, classId)
                .set(CLASS_PLAN.TOPIC_ID, topicId)
                .set(CLASS_PLAN.FIRST_WEEK, weeks.first())
                .set(CLASS_PLAN.LAST_WEEK, weeks.last())
                .execute();
    }

    private void insert(UUID editionId, SyllabusNode node, int position) {
        db.insertInto(SYLLABUS_NODE)
                .set(SYLLABUS_NODE.ID, node.id())
                .set(SYLLABUS_NODE.EDITION_ID, editionId)
                .set(SYLLABUS_NODE.POSITION, position)
                .set(SYLLABUS_NODE.KIND, node.kind().name())
                .set(SYLLABUS_NODE.CODE, node.code())
                .set(SYLLABUS_NODE.TITLE, node.title())
                .set(
                        SYLLABUS_NODE.WEIGHT,
                        node.weight().isPresent() ? node.weight().getAsDouble() : null)
                .set(SYLLABUS_NODE.TIER, node.tier().name())
                .set(SYLLABUS_NODE.FIRST_YEAR, node.years().first())
                .set(SYLLABUS_NODE.LAST_YEAR, node.years().last())
                .execute();
    }

    private static SyllabusNode node(Record found) {
        var weight = found.get(SYLLABUS_NODE.WEIGHT);
        return new SyllabusNode(
                found.get(SYLLABUS_NODE.ID),
                Optional.ofNullable(found.get(SYLLABUS_NODE.PARENT_ID)),
                SyllabusNode.Kind.valueOf(found.get(SYLLABUS_NODE.KIND)),
                found.get(SYLLABUS_NODE.CODE),
                found.get(SYLLABUS_NODE.TITLE),
                weight == null ? OptionalDouble.empty() : OptionalDouble.of(weight),
                Tier.valueOf(found.get(SYLLABUS_NODE.TIER)),
                new ExamYears(found.get(SYLLABUS_NODE.FIRST_YEAR), found.get(SYLLABUS_NODE.LAST_YEAR)),
                Optional.ofNullable(found.get(SYLLABUS_NODE.IDENTIFIER)),
                found.get(SYLLABUS_NODE.NOTE),
                found.get(SYLLABUS_NODE.NOTEBOOK_ID) == null ? Origin.EDITION : Origin.OWN);
    }
}
