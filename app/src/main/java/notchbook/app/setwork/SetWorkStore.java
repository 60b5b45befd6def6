package notchbook.app.setwork;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.SET_WORK;
import static notchbook.tables.Tables.SET_WORK_FOR;
import static notchbook.tables.Tables.SET_WORK_LONGER;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Pattern;
import notchbook.core.setwork.Asked;
import notchbook.core.setwork.AskedOf;
import notchbook.core.setwork.Criteria;
import notchbook.core.setwork.Due;
import notchbook.core.setwork.DueDays;
import notchbook.core.text.WordRange;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class SetWorkStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    SetWorkStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    Optional<SetWork> find(UUID id) {
        return fetch(SET_WORK.ID.eq(id)).stream().findFirst();
    }

    /** What classes are asked for, the latest due first. */
    List<SetWork> asked(Collection<UUID> classIds) {
        return fetch(SET_WORK.CLASS_ID.in(classIds).and(SET_WORK.TAKEN_BACK_AT.isNull()));
    }

    /** What classes were asked for once, the latest due first. */
    List<SetWork> takenBack(Collection<UUID> classIds) {
        return fetch(SET_WORK.CLASS_ID.in(classIds).and(SET_WORK.TAKEN_BACK_AT.isNotNull()));
    }

    void insert(SetWork work) {
        db.insertInto(SET_WORK)
                .set(SET_WORK.ID, work.id())
                .set(SET_WORK.CLASS_ID, work.classId())
                .set(SET_WORK.SET_BY, work.setBy())
                .set(SET_WORK.SET_AT, work.setAt())
                .set(wish(work))
                .execute();
        putWhom(work);
    }

    /** It stays with its class and with who set it. */
    void update(SetWork work) {
        db.update(SET_WORK).set(wish(work)).where(SET_WORK.ID.eq(work.id())).execute();
        db.deleteFrom(SET_WORK_FOR)
                .where(SET_WORK_FOR.SET_WORK_ID.eq(work.id()))
                .execute();
        db.deleteFrom(SET_WORK_LONGER)
                .where(SET_WORK_LONGER.SET_WORK_ID.eq(work.id()))
                .execute();
        putWhom(work);
    }

    private void putWhom(SetWork work) {
        work.askedOf().students().forEach(student -> db.insertInto(SET_WORK_FOR)
                .set(SET_WORK_FOR.SET_WORK_ID, work.id())
                .set(SET_WORK_FOR.PERSON_ID, student)
                .execute());
        work.askedOf().groups().forEach(group -> db.insertInto(SET_WORK_FOR)
                .set(SET_WORK_FOR.SET_WORK_ID, work.id())
                .set(SET_WORK_FOR.GROUP_ID, group)
                .execute());
        work.due().longer().forEach((student, day) -> db.insertInto(SET_WORK_LONGER)
                .set(SET_WORK_LONGER.SET_WORK_ID, work.id())
                .set(SET_WORK_LONGER.PERSON_ID, student)
                .set(SET_WORK_LONGER.DUE, day)
                .execute());
    }

    void takeBack(UUID id, Instant at) {
        db.update(SET_WORK)
                .set(SET_WORK.TAKEN_BACK_AT, at)
                .where(SET_WORK.ID.eq(id), SET_WORK.TAKEN_BACK_AT.isNull())
                .execute();
    }

    void askAgain(UUID id) {
        db.update(SET_WORK)
                .setNull(SET_WORK.TAKEN_BACK_AT)
                .where(SET_WORK.ID.eq(id))
                .execute();
    }

    private Map<Field<?>, Object> wish(SetWork work) {
        var asked = work.asked();
        var values = new HashMap<Field<?>, Object>();
        values.put(SET_WORK.TITLE, work.title());
        values.put(SET_WORK.INSTRUCTIONS, work.instructions());
        values.put(SET_WORK.TOPIC_ID, work.topicId());
        values.put(SET_WORK.DUE, work.due().forAll().day());
        values.put(SET_WORK.DUE_HOUR, work.due().forAll().hour().orElse(null));
        values.put(
                SET_WORK.PATTERN,
                asked.pattern().map(mapper::writeValueAsString).orElse(null));
        values.put(
                SET_WORK.KINDS, asked.kinds().stream().sorted().map(Enum::name).collect(joining(" ")));
        values.put(SET_WORK.WORDS_LEAST, asked.words().map(WordRange::least).orElse(null));
        values.put(SET_WORK.WORDS_MOST, asked.words().map(WordRange::most).orElse(null));
        values.put(SET_WORK.IS_WITH_SOURCES, asked.isWithSources());
        values.put(SET_WORK.CRITERIA, mapper.writeValueAsString(work.criteria().all()));
        return values;
    }

    private List<SetWork> fetch(Condition which) {
        var rows = db.selectFrom(SET_WORK)
                .where(which)
                .orderBy(SET_WORK.DUE.desc(), SET_WORK.TITLE)
                .fetch();
        var ids = rows.getValues(SET_WORK.ID);
        var named = db.selectFrom(SET_WORK_FOR).where(SET_WORK_FOR.SET_WORK_ID.in(ids)).stream()
                .collect(groupingBy(found -> found.get(SET_WORK_FOR.SET_WORK_ID)));
        var longer = db.selectFrom(SET_WORK_LONGER).where(SET_WORK_LONGER.SET_WORK_ID.in(ids)).stream()
                .collect(groupingBy(
                        found -> found.get(SET_WORK_LONGER.SET_WORK_ID),
                        toMap(found -> found.get(SET_WORK_LONGER.PERSON_ID), found -> found.get(SET_WORK_LONGER.DUE))));
        return rows.map(found -> {
            var id = found.get(SET_WORK.ID);
            return setWork(
                    found,
                    askedOf(named.getOrDefault(id, List.of())),
                    new DueDays(
                            new Due(found.get(SET_WORK.DUE), Optional.ofNullable(found.get(SET_WORK.DUE_HOUR))),
                            longer.getOrDefault(id, Map.of())));
        });
    }

    private static AskedOf askedOf(List<? extends Record> named) {
        return new AskedOf(
                named.stream()
                        .flatMap(one -> Optional.ofNullable(one.get(SET_WORK_FOR.PERSON_ID)).stream())
                        .collect(toSet()),
                named.stream()
                        .flatMap(one -> Optional.ofNullable(one.get(SET_WORK_FOR.GROUP_ID)).stream())
                        .collect(toSet()));
    }

    private SetWork setWork(Record found, AskedOf askedOf, DueDays due) {
        return new SetWork(
                found.get(SET_WORK.ID),
                found.get(SET_WORK.CLASS_ID),
                found.get(SET_WORK.TITLE),
                found.get(SET_WORK.INSTRUCTIONS),
                found.get(SET_WORK.TOPIC_ID),
                due,
                found.get(SET_WORK.SET_BY),
                askedOf,
                asked(found),
                new Criteria(List.of(mapper.readValue(found.get(SET_WORK.CRITERIA), Criteria.Criterion[].class))),
                found.get(SET_WORK.SET_AT),
                found.get(SET_WORK.TAKEN_BACK_AT) != null);
    }

    private Asked asked(Record found) {
        var least = found.get(SET_WORK.WORDS_LEAST);
        return new Asked(
                Stream.of(found.get(SET_WORK.KINDS).split(" "))
                        .filter(name -> !name.isEmpty())
                        .map(EvidenceKind::valueOf)
                        .collect(toSet()),
                least == null ? Optional.empty() : Optional.of(new WordRange(least, found.get(SET_WORK.WORDS_MOST))),
                found.get(SET_WORK.IS_WITH_SOURCES),
                Optional.ofNullable(found.get(SET_WORK.PATTERN))
                        .map(pattern -> mapper.readValue(pattern, Pattern.class)));
    }
}
