package notchbook.app.notebook;

import static notchbook.tables.Tables.SECTION;
import static notchbook.tables.Tables.SECTION_TOPIC;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.notebook.SectionPlace;
import notchbook.core.syllabus.ExamYears;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class SectionStore {
    private final DSLContext db;

    SectionStore(DSLContext db) {
        this.db = db;
    }

    Optional<Section> find(UUID id) {
        return fetch(SECTION.ID.eq(id).and(SECTION.DELETED_AT.isNull())).stream()
                .findFirst();
    }

    /** The live sections of a notebook, in the order of their positions. */
    List<Section> in(UUID notebookId) {
        return fetch(SECTION.NOTEBOOK_ID.eq(notebookId).and(SECTION.DELETED_AT.isNull()));
    }

    void insert(Section section) {
        db.insertInto(SECTION)
                .set(SECTION.ID, section.id())
                .set(SECTION.NOTEBOOK_ID, section.notebookId())
                .set(SECTION.PARENT_ID, section.parent().orElse(null))
                .set(SECTION.TITLE, section.title())
                .set(SECTION.POSITION, section.position())
                .set(SECTION.FIRST_YEAR, section.years().first())
                .set(SECTION.LAST_YEAR, section.years().last())
                .set(SECTION.MONDAY, section.monday().orElse(null))
                .execute();
        insertTopics(section);
    }

    private void insertTopics(Section section) {
        section.topics().forEach(topic -> db.insertInto(SECTION_TOPIC, SECTION_TOPIC.SECTION_ID, SECTION_TOPIC.NODE_ID)
                .values(section.id(), topic)
                .execute());
    }

    /** Writes a section's title, exam years and topics over. */
    void update(Section section) {
        db.update(SECTION)
                .set(SECTION.TITLE, section.title())
                .set(SECTION.FIRST_YEAR, section.years().first())
                .set(SECTION.LAST_YEAR, section.years().last())
                .where(SECTION.ID.eq(section.id()))
                .execute();
        db.deleteFrom(SECTION_TOPIC)
                .where(SECTION_TOPIC.SECTION_ID.eq(section.id()))
                .execute();
        insertTopics(section);
    }

    void place(List<SectionPlace> places) {
        places.forEach(place -> db.update(SECTION)
                .set(SECTION.PARENT_ID, place.parent().orElse(null))
                .set(SECTION.POSITION, place.position())
                .where(SECTION.ID.eq(place.id()))
                .execute());
    }

    /** Sends a section to the bin with its branch, which stands there as a part of it. */
    void delete(UUID top, Collection<UUID> branch, Instant at) {
        db.update(SECTION)
                .set(SECTION.DELETED_AT, at)
                .set(SECTION.DELETED_WITH, top)
                .where(SECTION.ID.in(branch))
                .execute();
    }

    private List<Section> fetch(Condition which) {
        var topics = topics(which);
        return db.selectFrom(SECTION)
                .where(which)
                .orderBy(SECTION.POSITION)
                .fetch(found -> new Section(
                        found.get(SECTION.ID),
                        found.get(SECTION.NOTEBOOK_ID),
                        Optional.ofNullable(found.get(SECTION.PARENT_ID)),
                        found.get(SECTION.TITLE),
                        found.get(SECTION.POSITION),
                        topics.getOrDefault(found.get(SECTION.ID), Set.of()),
                        new ExamYears(found.get(SECTION.FIRST_YEAR), found.get(SECTION.LAST_YEAR)),
                        Optional.ofNullable(found.get(SECTION.MONDAY))));
    }

    private Map<UUID, Set<UUID>> topics(Condition which) {
        return db
                .select(SECTION_TOPIC.SECTION_ID, SECTION_TOPIC.NODE_ID)
                .from(SECTION_TOPIC)
                .join(SECTION)
                .on(SECTION.ID.eq(SECTION_TOPIC.SECTION_ID))
                .where(which)
                .fetch()
                .stream()
                .collect(Collectors.groupingBy(
                        link -> link.get(SECTION_TOPIC.SECTION_ID),
                        Collectors.mapping(link -> link.get(SECTION_TOPIC.NODE_ID), Collectors.toSet())));
    }
}
