package notchbook.app.people;

import static java.util.stream.Collectors.flatMapping;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;
import static notchbook.tables.Tables.CLASS_MEMBER;
import static notchbook.tables.Tables.PERSON;
import static notchbook.tables.Tables.SCHOOL_CLASS;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class PersonStore {
    /** Not one of those that only a bag from elsewhere tells of. */
    private static final Condition IS_HERE = PERSON.BROUGHT_BY.isNull();

    private final DSLContext db;

    PersonStore(DSLContext db) {
        this.db = db;
    }

    /** A person with the hash of their password. */
    record Credentials(Person person, String passwordHash) {}

    Optional<Person> find(UUID id) {
        return db.selectFrom(PERSON).where(PERSON.ID.eq(id)).fetchOptional(PersonStore::person);
    }

    Optional<Credentials> findCredentials(String userName) {
        return db.selectFrom(PERSON)
                .where(PERSON.USER_NAME.eq(userName), IS_HERE)
                .fetchOptional(found -> new Credentials(person(found), found.get(PERSON.PASSWORD_HASH)));
    }

    List<SchoolClass> classesOf(UUID personId) {
        return db.select(SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME)
                .from(SCHOOL_CLASS)
                .join(CLASS_MEMBER)
                .on(CLASS_MEMBER.CLASS_ID.eq(SCHOOL_CLASS.ID))
                .where(CLASS_MEMBER.PERSON_ID.eq(personId))
                .orderBy(SCHOOL_CLASS.NAME)
                .fetch(found -> new SchoolClass(found.value1(), found.value2()));
    }

    List<Person> membersOf(UUID classId, Role role) {
        return db.select(PERSON.asterisk())
                .from(PERSON)
                .join(CLASS_MEMBER)
                .on(CLASS_MEMBER.PERSON_ID.eq(PERSON.ID))
                .where(CLASS_MEMBER.CLASS_ID.eq(classId), PERSON.ROLE.eq(role.name()))
                .orderBy(PERSON.FULL_NAME)
                .fetch(PersonStore::person);
    }

    int count() {
        return db.fetchCount(PERSON);
    }

    void insert(Person person, String passwordHash) {
        db.insertInto(PERSON)
                .set(PERSON.ID, person.id())
                .set(PERSON.USER_NAME, person.userName())
                .set(PERSON.FULL_NAME, person.fullName())
                .set(PERSON.ROLE, person.role().name())
                .set(PERSON.PASSWORD_HASH, passwordHash)
                .execute();
    }

    List<Person> all() {
        return db.selectFrom(PERSON).where(IS_HERE).orderBy(PERSON.FULL_NAME).fetch(PersonStore::person);
    }

    boolean hasStaff() {
        return db.fetchExists(PERSON, PERSON.ROLE.ne(Role.STUDENT.name()).and(IS_HERE));
    }

    Map<SchoolClass, List<UUID>> classes() {
        return db
                .select(SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME, CLASS_MEMBER.PERSON_ID)
                .from(SCHOOL_CLASS)
                .leftJoin(CLASS_MEMBER)
                .on(CLASS_MEMBER.CLASS_ID.eq(SCHOOL_CLASS.ID))
                .where(SCHOOL_CLASS.BROUGHT_BY.isNull())
                .orderBy(SCHOOL_CLASS.NAME)
                .stream()
                .collect(groupingBy(
                        found -> new SchoolClass(found.value1(), found.value2()),
                        LinkedHashMap::new,
                        flatMapping(found -> Stream.ofNullable(found.value3()), toList())));
    }

    void put(SchoolClass schoolClass, List<UUID> members) {
        db.insertInto(SCHOOL_CLASS, SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME)
                .values(schoolClass.id(), schoolClass.name())
                .onDuplicateKeyUpdate()
                .set(SCHOOL_CLASS.NAME, schoolClass.name())
                .execute();
        db.deleteFrom(CLASS_MEMBER)
                .where(CLASS_MEMBER.CLASS_ID.eq(schoolClass.id()), CLASS_MEMBER.PERSON_ID.notIn(members))
                .execute();
        for (var member : members) {
            db.insertInto(CLASS_MEMBER, CLASS_MEMBER.CLASS_ID, CLASS_MEMBER.PERSON_ID)
                    .values(schoolClass.id(), member)
                    .onDuplicateKeyIgnore()
                    .execute();
        }
    }

    void setPassword(UUID personId, String passwordHash) {
        db.update(PERSON)
                .set(PERSON.PASSWORD_HASH, passwordHash)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    private static Person person(Record found) {
        return new Person(
                found.get(PERSON.ID),
                found.get(PERSON.USER_NAME),
                found.get(PERSON.FULL_NAME),
                Role.valueOf(found.get(PERSON.ROLE)));
    }
}
