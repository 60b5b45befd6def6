package notchbook.app.handin;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.SET_WORK;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.handin.Asked;
import notchbook.core.handin.Criteria;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.text.WordRange;
import org.jooq.Condition;
import org.jooq.DSLContext;
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

    /** The set work of classes, the latest due first. */
    List<SetWork> of(Collection<UUID> classIds) {
        return fetch(SET_WORK.CLASS_ID.in(classIds));
    }

    void insert(SetWork work) {
        db.insertInto(SET_WORK)
                .set(SET_WORK.ID, work.id())
                .set(SET_WORK.CLASS_ID, work.classId())
                .set(SET_WORK.TITLE, work.title())
                .set(SET_WORK.INSTRUCTIONS, work.instructions())
                .set(SET_WORK.TOPIC_ID, work.topicId())
                .set(SET_WORK.DUE, work.due())
                .set(SET_WORK.SET_BY, work.setBy())
                .set(
                        SET_WORK.KINDS,
                        work.asked().kinds().stream().sorted().map(Enum::name).collect(joining(" ")))
                .set(
                        SET_WORK.WORDS_LEAST,
                        work.asked().words().map(WordRange::least).orElse(null))
                .set(
                        SET_WORK.WORDS_MOST,
                        work.asked().words().map(WordRange::most).orElse(null))
                .set(SET_WORK.IS_WITH_SOURCES, work.asked().isWithSources())
                .set(
                        SET_WORK.CRITERIA,
                        mapper.writeValueAsString(work.criteria().all()))
                .execute();
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
                new Criteria(List.of(mapper.readValue(found.get(SET_WORK.CRITERIA), Criteria.Criterion[].class))));
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
