package notchbook.app.syllabus;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.CLASS_MEMBER;
import static notchbook.tables.Tables.COLUMN_CHOICE;
import static notchbook.tables.Tables.EDITION;
import static notchbook.tables.Tables.PERSON;
import static notchbook.tables.Tables.SYLLABUS_NODE;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectOne;

import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import notchbook.app.people.Role;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusNode.Origin;
import notchbook.core.syllabus.Tier;
import notchbook.formats.syllabus.SyllabusColumn;
import notchbook.formats.syllabus.SyllabusColumns;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Repository;

@Repository
class SyllabusStore {
    /** Own points stand after the lines of the edition. */
    private static final int OWN_POSITION = 1_000_000;

    private final DSLContext db;

    SyllabusStore(DSLContext db) {
        this.db = db;
    }

    /** Editions that everybody has, those that this person added, and those of teachers of this person's classes. */
    List<EditionInfo> editions(UUID personId) {
        var mine = CLASS_MEMBER.as("mine");
        var teachers = select(CLASS_MEMBER.PERSON_ID)
                .from(CLASS_MEMBER)
                .join(mine)
                .on(mine.CLASS_ID.eq(CLASS_MEMBER.CLASS_ID))
                .join(PERSON)
                .on(PERSON.ID.eq(CLASS_MEMBER.PERSON_ID))
                .where(mine.PERSON_ID.eq(personId), PERSON.ROLE.eq(Role.TEACHER.name()));
        var isBlank = field(notExists(selectOne()
                        .from(SYLLABUS_NODE)
                        .where(SYLLABUS_NODE.EDITION_ID.eq(EDITION.ID), SYLLABUS_NODE.NOTEBOOK_ID.isNull())))
                .as("is_blank");
        return db.select(EDITION.asterisk(), isBlank)
                .from(EDITION)
                .where(EDITION.ADDED_BY
                        .isNull()
                        .or(EDITION.ADDED_BY.eq(personId))
                        .or(EDITION.ADDED_BY.in(teachers)))
                .orderBy(EDITION.CODE, EDITION.TITLE)
                .fetch(found -> info(found, found.get(isBlank)));
    }

    /** The lines of an edition by themselves. */
    List<SyllabusNode> nodes(UUID editionId) {
        return nodes(editionId, SYLLABUS_NODE.NOTEBOOK_ID.isNull());
    }

    /** The lines of an edition with those that were added to it in a notebook. */
    List<SyllabusNode> nodes(UUID editionId, UUID notebookId) {
        return nodes(editionId, SYLLABUS_NODE.NOTEBOOK_ID.isNull().or(SYLLABUS_NODE.NOTEBOOK_ID.eq(notebookId)));
    }

    private List<SyllabusNode> nodes(UUID editionId, Condition whose) {
        return db.selectFrom(SYLLABUS_NODE)
                .where(SYLLABUS_NODE.EDITION_ID.eq(editionId), whose)
                .orderBy(SYLLABUS_NODE.POSITION, SYLLABUS_NODE.CODE)
                .fetch(SyllabusStore::node);
    }

    /** The edition that each of these lines stands in. */
    Map<UUID, UUID> editionsOf(Collection<UUID> lines) {
        return lines.isEmpty()
                ? Map.of()
                : db.select(SYLLABUS_NODE.ID, SYLLABUS_NODE.EDITION_ID)
                        .from(SYLLABUS_NODE)
                        .where(SYLLABUS_NODE.ID.in(lines))
                        .fetchMap(SYLLABUS_NODE.ID, SYLLABUS_NODE.EDITION_ID);
    }

    void insert(EditionInfo edition, List<SyllabusNode> nodes) {
        db.insertInto(EDITION)
                .set(EDITION.ID, edition.id())
                .set(EDITION.CODE, edition.code())
                .set(EDITION.TITLE, edition.title())
                .set(EDITION.ADDED_BY, edition.addedBy().orElse(null))
                .set(EDITION.ADDED_AT, edition.changedAt())
                .set(EDITION.CHANGED_AT, edition.changedAt())
                .execute();
        put(edition.id(), new Edition(List.of()), nodes);
    }

    void update(UUID id, String code, String title, Instant at) {
        db.update(EDITION)
                .set(EDITION.CODE, code)
                .set(EDITION.TITLE, title)
                .set(EDITION.CHANGED_AT, at)
                .set(EDITION.VERSION, EDITION.VERSION.plus(1))
                .where(EDITION.ID.eq(id))
                .execute();
    }

    void updateDocument(UUID id, Optional<UUID> mediaId) {
        db.update(EDITION)
                .set(EDITION.DOCUMENT_ID, mediaId.orElse(null))
                .where(EDITION.ID.eq(id))
                .execute();
    }

    List<UUID> editionsWithDocument(UUID mediaId) {
        return db.select(EDITION.ID)
                .from(EDITION)
                .where(EDITION.DOCUMENT_ID.eq(mediaId))
                .fetch(EDITION.ID);
    }

    /** Writes the lines of an edition in their order; those that it has already are changed. */
    void put(UUID editionId, Edition before, List<SyllabusNode> nodes) {
        for (var position = 0; position < nodes.size(); position++) {
            var node = nodes.get(position);
            if (before.find(node.id()).isEmpty()) {
                insert(editionId, Optional.empty(), node, position);
            } else {
                update(node, position);
            }
        }
        // Parents may stand below their children in a file, so the links come last.
        nodes.forEach(node -> db.update(SYLLABUS_NODE)
                .set(SYLLABUS_NODE.PARENT_ID, node.parent().orElse(null))
                .where(SYLLABUS_NODE.ID.eq(node.id()))
                .execute());
    }

    /** Takes a line out; {@code false} when work, a plan or another line hangs on it. */
    boolean delete(UUID line) {
        try {
            db.deleteFrom(SYLLABUS_NODE).where(SYLLABUS_NODE.ID.eq(line)).execute();
            return true;
        } catch (DataIntegrityViolationException used) {
            return false;
        }
    }

    void putOwn(UUID editionId, UUID notebookId, SyllabusNode point) {
        var isKnown = db.fetchExists(
                SYLLABUS_NODE, SYLLABUS_NODE.ID.eq(point.id()), SYLLABUS_NODE.NOTEBOOK_ID.eq(notebookId));
        if (isKnown) {
            update(point, OWN_POSITION);
        } else {
            insert(editionId, Optional.of(notebookId), point, OWN_POSITION);
        }
        db.update(SYLLABUS_NODE)
                .set(SYLLABUS_NODE.PARENT_ID, point.parent().orElseThrow())
                .where(SYLLABUS_NODE.ID.eq(point.id()))
                .execute();
    }

    void moveOwn(UUID notebookId, UUID toEdition, Map<UUID, UUID> lines) {
        db.selectFrom(SYLLABUS_NODE)
                .where(SYLLABUS_NODE.NOTEBOOK_ID.eq(notebookId), SYLLABUS_NODE.PARENT_ID.in(lines.keySet()))
                .forEach(own -> db.update(SYLLABUS_NODE)
                        .set(SYLLABUS_NODE.EDITION_ID, toEdition)
                        .set(SYLLABUS_NODE.PARENT_ID, lines.get(own.get(SYLLABUS_NODE.PARENT_ID)))
                        .where(SYLLABUS_NODE.ID.eq(own.get(SYLLABUS_NODE.ID)))
                        .execute());
    }

    Optional<SyllabusColumns> columns(UUID personId, String headings) {
        return db.selectFrom(COLUMN_CHOICE)
                .where(COLUMN_CHOICE.PERSON_ID.eq(personId), COLUMN_CHOICE.HEADINGS.eq(headings))
                .fetchOptional(found -> columns(found.get(COLUMN_CHOICE.PLACES)));
    }

    void rememberColumns(UUID personId, String headings, SyllabusColumns columns) {
        var places = columns.places().entrySet().stream()
                .map(place -> place.getKey() + " " + place.getValue())
                .collect(joining(","));
        db.insertInto(COLUMN_CHOICE, COLUMN_CHOICE.PERSON_ID, COLUMN_CHOICE.HEADINGS, COLUMN_CHOICE.PLACES)
                .values(personId, headings, places)
                .onDuplicateKeyUpdate()
                .set(COLUMN_CHOICE.PLACES, places)
                .execute();
    }

    private static SyllabusColumns columns(String places) {
        return new SyllabusColumns(Arrays.stream(places.split(","))
                .map(place -> place.split(" "))
                .collect(toMap(place -> SyllabusColumn.valueOf(place[0]), place -> Integer.valueOf(place[1]))));
    }

    private void insert(UUID editionId, Optional<UUID> notebookId, SyllabusNode node, int position) {
        db.insertInto(SYLLABUS_NODE)
                .set(SYLLABUS_NODE.ID, node.id())
                .set(SYLLABUS_NODE.EDITION_ID, editionId)
                .set(SYLLABUS_NODE.NOTEBOOK_ID, notebookId.orElse(null))
                .set(SYLLABUS_NODE.POSITION, position)
                .set(fields(node))
                .execute();
    }

    private void update(SyllabusNode node, int position) {
        db.update(SYLLABUS_NODE)
                .set(fields(node))
                .set(SYLLABUS_NODE.POSITION, position)
                .where(SYLLABUS_NODE.ID.eq(node.id()))
                .execute();
    }

    private static Record fields(SyllabusNode node) {
        var record = DSL.using(SQLDialect.MARIADB).newRecord(SYLLABUS_NODE);
        record.set(SYLLABUS_NODE.KIND, node.kind().name());
        record.set(SYLLABUS_NODE.CODE, node.code());
        record.set(SYLLABUS_NODE.TITLE, node.title());
        record.set(
                SYLLABUS_NODE.WEIGHT, node.weight().isPresent() ? node.weight().getAsDouble() : null);
        record.set(SYLLABUS_NODE.TIER, node.tier().name());
        record.set(SYLLABUS_NODE.FIRST_YEAR, node.years().first());
        record.set(SYLLABUS_NODE.LAST_YEAR, node.years().last());
        record.set(SYLLABUS_NODE.IDENTIFIER, node.identifier().orElse(null));
        record.set(SYLLABUS_NODE.NOTE, node.note());
        return record;
    }

    private static EditionInfo info(Record found, boolean isBlank) {
        return new EditionInfo(
                found.get(EDITION.ID),
                found.get(EDITION.CODE),
                found.get(EDITION.TITLE),
                found.get(EDITION.VERSION),
                found.get(EDITION.CHANGED_AT),
                Optional.ofNullable(found.get(EDITION.ADDED_BY)),
                Optional.ofNullable(found.get(EDITION.DOCUMENT_ID)),
                isBlank);
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
