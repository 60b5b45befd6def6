package notchbook.app.handin;

import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.HAND_IN_AUTHOR;
import static notchbook.tables.Tables.NOTCH;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.SECTION;
import static notchbook.tables.Tables.SECTION_TOPIC;
import static notchbook.tables.Tables.SYLLABUS_NODE;
import static org.jooq.impl.DSL.select;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.setwork.Beginnings;
import notchbook.app.setwork.SetWork;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Who has begun what is asked: they sent something for it, or made something for its topic since it was set. Nothing is read of it. */
@Repository
class Begun implements Beginnings {
    private final DSLContext db;

    Begun(DSLContext db) {
        this.db = db;
    }

    @Override
    public Set<UUID> of(SetWork work) {
        return Stream.concat(sent(work), made(work)).collect(toSet());
    }

    private Stream<UUID> sent(SetWork work) {
        var theirs = select(HAND_IN.ID).from(HAND_IN).where(HAND_IN.SET_WORK_ID.eq(work.id()));
        return db
                .select(HAND_IN.STUDENT_ID)
                .from(HAND_IN)
                .where(HAND_IN.SET_WORK_ID.eq(work.id()))
                .union(select(HAND_IN_AUTHOR.PERSON_ID)
                        .from(HAND_IN_AUTHOR)
                        .where(HAND_IN_AUTHOR.HAND_IN_ID.in(theirs)))
                .fetch()
                .stream()
                .map(found -> found.value1());
    }

    /** On a page of a section of the topic, or notched to the topic or one of its points. */
    private Stream<UUID> made(SetWork work) {
        var lines = select(SYLLABUS_NODE.ID)
                .from(SYLLABUS_NODE)
                .where(SYLLABUS_NODE.ID.eq(work.topicId()).or(SYLLABUS_NODE.PARENT_ID.eq(work.topicId())));
        var sections =
                select(SECTION_TOPIC.SECTION_ID).from(SECTION_TOPIC).where(SECTION_TOPIC.NODE_ID.eq(work.topicId()));
        var notched = select(NOTCH.ENTRY_ID).from(NOTCH).where(NOTCH.NODE_ID.in(lines));
        return db
                .selectDistinct(NOTEBOOK.OWNER_ID)
                .from(NOTEBOOK)
                .join(SECTION)
                .on(SECTION.NOTEBOOK_ID.eq(NOTEBOOK.ID))
                .join(PAGE)
                .on(PAGE.SECTION_ID.eq(SECTION.ID))
                .join(ENTRY)
                .on(ENTRY.PAGE_ID.eq(PAGE.ID))
                .where(
                        NOTEBOOK.CLASS_ID.eq(work.classId()),
                        PAGE.DELETED_AT.isNull(),
                        ENTRY.DELETED_AT.isNull(),
                        ENTRY.IS_EMPTY.isFalse(),
                        ENTRY.MADE_AT.ge(work.setAt()),
                        SECTION.ID.in(sections).or(ENTRY.ID.in(notched)))
                .fetch()
                .stream()
                .map(found -> found.value1());
    }
}
