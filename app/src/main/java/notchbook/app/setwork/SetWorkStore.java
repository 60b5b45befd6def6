package notchbook.app.setwork;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.SET_WORK;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.setwork.Asked;
import notchbook.core.setwork.Criteria;
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
                .set(wish(work))
                .execute();
    }

    /** It stays with its class and with who set it. */
    void update(SetWork work) {
        db.update(SET_WORK).set(wish(work)).where(SET_WORK.ID.eq(work.id())).execute();
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
        values.put(SET_WORK.DUE, work.due());
        values.put(
                SET_WORK.KINDS, asked.kinds().stream().sorted().map(Enum::name).collect(joining(" ")));
        values.put(SET_WORK.WORDS_LEAST, asked.words().map(WordRange::least).orElse(null));
        values.put(SET_WORK.WORDS_MOST, asked.words().map(WordRange::most).orElse(null));
        values.put(SET_WORK.IS_WITH_SOURCES, asked.isWithSources());
        values.put(SET_WORK.CRITERIA, mapper.writeValueAsString(work.criteria().all()));
        return values;
    }

    private List<SetWork> fetch(Condition which) {
        return db.selectFrom(SET_WORK)
                .where(which)
                .orderBy(SET_WORK.DUE.desc(), SET_WORK.TITLE)
                .fetch(this::setWork);
    }

    private SetWork setWork(Record found) {
        return new SetWork(
                found.get(SET_WORK.ID),
                found.get(SET_WORK.CLASS_ID),
                found.get(SET_WORK.TITLE),
                found.get(SET_WORK.INSTRUCTIONS),
                found.get(SET_WORK.TOPIC_ID),
                found.get(SET_WORK.DUE),
                found.get(SET_WORK.SET_BY),
                asked(found),
                new Criteria(List.of(mapper.readValue(found.get(SET_WORK.CRITERIA), Criteria.Criterion[].class))),
                found.get(SET_WORK.TAKEN_BACK_AT) != null);
    }

    private static Asked asked(Record found) {
        var least = found.get(SET_WORK.WORDS_LEAST);
        return new Asked(
                Stream.of(found.get(SET_WORK.KINDS).split(" "))
                        .filter(name -> !name.isEmpty())
                        .map(EvidenceKind::valueOf)
                        .collect(toSet()),
                least == null ? Optional.empty() : Optional.of(new WordRange(least, found.get(SET_WORK.WORDS_MOST))),
                found.get(SET_WORK.IS_WITH_SOURCES));
    }
}
