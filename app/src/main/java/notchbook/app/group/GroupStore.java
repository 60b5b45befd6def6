package notchbook.app.group;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static notchbook.tables.Tables.CLASS_GROUP;
import static notchbook.tables.Tables.CLASS_GROUP_MEMBER;
import static notchbook.tables.Tables.CLASS_MEMBER;
import static notchbook.tables.Tables.SCHOOL_CLASS;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.group.Group;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class GroupStore {
    private final DSLContext db;

    GroupStore(DSLContext db) {
        this.db = db;
    }

    /** Those of some classes that have not ended, by name, each with those members who are still in its class. */
    List<Group> in(Collection<UUID> classes) {
        return fetch(CLASS_GROUP.CLASS_ID.in(classes).and(CLASS_GROUP.ENDED_AT.isNull()));
    }

    /** Also one that has ended. */
    Optional<Group> find(UUID id) {
        return fetch(CLASS_GROUP.ID.eq(id)).stream().findFirst();
    }

    /** Whether there is one of this id, also where nobody of its class is in it any more. */
    boolean isTaken(UUID id) {
        return db.fetchExists(CLASS_GROUP, CLASS_GROUP.ID.eq(id));
    }

    private List<Group> fetch(Condition which) {
        var rows = db.selectFrom(CLASS_GROUP)
                .where(which)
                .orderBy(CLASS_GROUP.NAME)
                .fetch();
        var members = db
                .select(CLASS_GROUP_MEMBER.GROUP_ID, CLASS_GROUP_MEMBER.PERSON_ID)
                .from(CLASS_GROUP_MEMBER)
                .join(CLASS_GROUP)
                .on(CLASS_GROUP.ID.eq(CLASS_GROUP_MEMBER.GROUP_ID))
                .join(CLASS_MEMBER)
                .on(
                        CLASS_MEMBER.CLASS_ID.eq(CLASS_GROUP.CLASS_ID),
                        CLASS_MEMBER.PERSON_ID.eq(CLASS_GROUP_MEMBER.PERSON_ID))
                .where(CLASS_GROUP_MEMBER.GROUP_ID.in(rows.getValues(CLASS_GROUP.ID)))
                .stream()
                .collect(groupingBy(found -> found.value1(), mapping(found -> found.value2(), toList())));
        return rows.stream()
                .filter(row -> members.containsKey(row.get(CLASS_GROUP.ID)))
                .map(row -> group(row, members.get(row.get(CLASS_GROUP.ID))))
                .toList();
    }

    private static Group group(Record row, List<UUID> members) {
        return new Group(
                row.get(CLASS_GROUP.ID),
                row.get(CLASS_GROUP.CLASS_ID),
                row.get(CLASS_GROUP.NAME),
                row.get(CLASS_GROUP.MADE_BY),
                members);
    }

    /** Makes a group, or changes its name and who is in it; who made it stays. */
    void put(Group group, Instant at) {
        db.insertInto(CLASS_GROUP)
                .set(CLASS_GROUP.ID, group.id())
                .set(CLASS_GROUP.CLASS_ID, group.classId())
                .set(CLASS_GROUP.NAME, group.name())
                .set(CLASS_GROUP.MADE_BY, group.madeBy())
                .set(CLASS_GROUP.MADE_AT, at)
                .onDuplicateKeyUpdate()
                .set(CLASS_GROUP.NAME, group.name())
                .setNull(CLASS_GROUP.ENDED_AT)
                .execute();
        db.deleteFrom(CLASS_GROUP_MEMBER)
                .where(CLASS_GROUP_MEMBER.GROUP_ID.eq(group.id()))
                .execute();
        group.members().forEach(member -> db.insertInto(CLASS_GROUP_MEMBER)
                .values(group.id(), member)
                .execute());
    }

    void end(UUID id, Instant at) {
        db.update(CLASS_GROUP)
                .set(CLASS_GROUP.ENDED_AT, at)
                .where(CLASS_GROUP.ID.eq(id), CLASS_GROUP.ENDED_AT.isNull())
                .execute();
    }

    boolean mayStudentsMake(UUID classId) {
        return db.select(SCHOOL_CLASS.STUDENTS_MAKE_GROUPS)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.ID.eq(classId))
                .fetchSingle(SCHOOL_CLASS.STUDENTS_MAKE_GROUPS);
    }

    void letStudentsMake(UUID classId, boolean may) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.STUDENTS_MAKE_GROUPS, may)
                .where(SCHOOL_CLASS.ID.eq(classId))
                .execute();
    }
}
