package notchbook.app.announcement;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.ANNOUNCEMENT;
import static notchbook.tables.Tables.ANNOUNCEMENT_FOR;
import static notchbook.tables.Tables.ANNOUNCEMENT_READ;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.springframework.stereotype.Repository;

@Repository
class AnnouncementStore {
    private final DSLContext db;

    AnnouncementStore(DSLContext db) {
        this.db = db;
    }

    /** What was said to some classes since a time and was not taken back, the latest first. */
    List<Announcement> saidTo(Collection<UUID> classes, Instant since) {
        return fetch(ANNOUNCEMENT
                .CLASS_ID
                .in(classes)
                .and(ANNOUNCEMENT.TAKEN_BACK_AT.isNull())
                .and(ANNOUNCEMENT.SAID_AT.ge(since)));
    }

    /** Also one that was taken back. */
    Optional<Announcement> find(UUID id) {
        return fetch(ANNOUNCEMENT.ID.eq(id)).stream().findFirst();
    }

    private List<Announcement> fetch(Condition which) {
        var rows = db.selectFrom(ANNOUNCEMENT)
                .where(which)
                .orderBy(ANNOUNCEMENT.SAID_AT.desc(), ANNOUNCEMENT.ID)
                .fetch();
        var named = persons(
                ANNOUNCEMENT_FOR,
                ANNOUNCEMENT_FOR.ANNOUNCEMENT_ID,
                ANNOUNCEMENT_FOR.PERSON_ID,
                rows.getValues(ANNOUNCEMENT.ID));
        return rows.map(found -> announcement(found, named.getOrDefault(found.get(ANNOUNCEMENT.ID), Set.of())));
    }

    private static Announcement announcement(Record found, Set<UUID> named) {
        return new Announcement(
                found.get(ANNOUNCEMENT.ID),
                found.get(ANNOUNCEMENT.CLASS_ID),
                found.get(ANNOUNCEMENT.BY_ID),
                found.get(ANNOUNCEMENT.WORDS),
                Optional.ofNullable(found.get(ANNOUNCEMENT.SET_WORK_ID)),
                Optional.of(named).filter(some -> found.get(ANNOUNCEMENT.IS_FOR_SOME)),
                found.get(ANNOUNCEMENT.SAID_AT));
    }

    void insert(Announcement said) {
        db.insertInto(ANNOUNCEMENT)
                .set(ANNOUNCEMENT.ID, said.id())
                .set(ANNOUNCEMENT.CLASS_ID, said.classId())
                .set(ANNOUNCEMENT.BY_ID, said.by())
                .set(ANNOUNCEMENT.WORDS, said.words())
                .set(ANNOUNCEMENT.SET_WORK_ID, said.setWork().orElse(null))
                .set(ANNOUNCEMENT.SAID_AT, said.saidAt())
                .set(ANNOUNCEMENT.IS_FOR_SOME, said.onlyFor().isPresent())
                .execute();
        said.onlyFor().orElse(Set.of()).forEach(person -> db.insertInto(ANNOUNCEMENT_FOR)
                .values(said.id(), person)
                .execute());
    }

    /** Says it anew to the same people, and takes back that it was taken back. */
    void update(Announcement said) {
        db.update(ANNOUNCEMENT)
                .set(ANNOUNCEMENT.WORDS, said.words())
                .set(ANNOUNCEMENT.SET_WORK_ID, said.setWork().orElse(null))
                .set(ANNOUNCEMENT.SAID_AT, said.saidAt())
                .setNull(ANNOUNCEMENT.TAKEN_BACK_AT)
                .where(ANNOUNCEMENT.ID.eq(said.id()))
                .execute();
    }

    void takeBack(UUID id, Instant at) {
        db.update(ANNOUNCEMENT)
                .set(ANNOUNCEMENT.TAKEN_BACK_AT, at)
                .where(ANNOUNCEMENT.ID.eq(id), ANNOUNCEMENT.TAKEN_BACK_AT.isNull())
                .execute();
    }

    /** Who has read which of some. */
    Map<UUID, Set<UUID>> readersOf(Collection<UUID> ids) {
        return persons(ANNOUNCEMENT_READ, ANNOUNCEMENT_READ.ANNOUNCEMENT_ID, ANNOUNCEMENT_READ.PERSON_ID, ids);
    }

    private Map<UUID, Set<UUID>> persons(
            Table<?> of, Field<UUID> announcement, Field<UUID> person, Collection<UUID> ids) {
        return db.select(announcement, person).from(of).where(announcement.in(ids)).stream()
                .collect(groupingBy(found -> found.value1(), mapping(found -> found.value2(), toSet())));
    }

    void read(UUID id, UUID personId, Instant at) {
        db.insertInto(ANNOUNCEMENT_READ)
                .values(id, personId, at)
                .onDuplicateKeyIgnore()
                .execute();
    }

    /** What now says something else has been read by nobody. */
    void forgetReaders(UUID id) {
        db.deleteFrom(ANNOUNCEMENT_READ)
                .where(ANNOUNCEMENT_READ.ANNOUNCEMENT_ID.eq(id))
                .execute();
    }
}
