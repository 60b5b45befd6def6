package notchbook.app.reflection;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static notchbook.tables.Tables.OWN_RATING;
import static notchbook.tables.Tables.REFLECTION;
import static notchbook.tables.Tables.REFLECTION_VERSION;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.Resolve;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class ReflectionStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    ReflectionStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    Optional<Reflection> find(UUID id) {
        return fetch(REFLECTION.ID.eq(id)).stream().findFirst();
    }

    Optional<Reflection> find(UUID notebookId, LocalDate monday) {
        return fetch(REFLECTION.NOTEBOOK_ID.eq(notebookId).and(REFLECTION.MONDAY.eq(monday))).stream()
                .findFirst();
    }

    /** All sheets of a notebook, the latest week first. */
    List<Reflection> in(UUID notebookId) {
        return fetch(REFLECTION.NOTEBOOK_ID.eq(notebookId));
    }

    /** The sheets of a week in these notebooks. */
    List<Reflection> of(LocalDate monday, Collection<UUID> notebookIds) {
        return fetch(REFLECTION.MONDAY.eq(monday).and(REFLECTION.NOTEBOOK_ID.in(notebookIds)));
    }

    void insert(Reflection reflection, Instant now) {
        var row = db.newRecord(REFLECTION);
        row.set(REFLECTION.ID, reflection.id());
        row.set(REFLECTION.NOTEBOOK_ID, reflection.notebookId());
        row.set(REFLECTION.MONDAY, reflection.monday());
        write(reflection, now, row);
        db.insertInto(REFLECTION).set(row).execute();
        insertRatings(reflection);
    }

    void update(Reflection reflection, Instant now) {
        var row = db.newRecord(REFLECTION);
        write(reflection, now, row);
        db.update(REFLECTION).set(row).where(REFLECTION.ID.eq(reflection.id())).execute();
        db.deleteFrom(OWN_RATING)
                .where(OWN_RATING.REFLECTION_ID.eq(reflection.id()))
                .execute();
        insertRatings(reflection);
    }

    /** What can change of a sheet. */
    private void write(Reflection reflection, Instant now, Record row) {
        row.set(REFLECTION.CHANGED_AT, now);
        row.set(REFLECTION.PROMPTS, mapper.writeValueAsString(reflection.prompts()));
        row.set(REFLECTION.ANSWERS, mapper.writeValueAsString(reflection.answers()));
        row.set(REFLECTION.LET_GO, reflection.letGo());
        row.set(REFLECTION.VERSION, reflection.version());
        row.set(REFLECTION.WRITTEN_ON, reflection.writtenOn());
        row.set(
                REFLECTION.OUTCOME,
                reflection.resolve().outcome().map(Outcome::name).orElse(null));
        row.set(REFLECTION.OUTCOME_ABOUT, reflection.resolve().about());
        row.set(REFLECTION.INTENTION, reflection.resolve().next());
    }

    /** Whether nobody has written on a sheet since then. */
    boolean hasRested(Reflection reflection, Instant since) {
        return db.fetchExists(REFLECTION, REFLECTION.ID.eq(reflection.id()), REFLECTION.CHANGED_AT.le(since));
    }

    void putBy(Reflection before, Instant now) {
        db.insertInto(REFLECTION_VERSION)
                .set(REFLECTION_VERSION.REFLECTION_ID, before.id())
                .set(REFLECTION_VERSION.VERSION, before.version())
                .set(REFLECTION_VERSION.ANSWERS, mapper.writeValueAsString(before.answers()))
                .set(REFLECTION_VERSION.SAVED_AT, now)
                .execute();
    }

    /** What a sheet was, the latest first. */
    List<EarlierSheet> earlier(UUID id) {
        return db.selectFrom(REFLECTION_VERSION)
                .where(REFLECTION_VERSION.REFLECTION_ID.eq(id))
                .orderBy(REFLECTION_VERSION.VERSION.desc())
                .fetch(found -> new EarlierSheet(
                        found.get(REFLECTION_VERSION.VERSION),
                        found.get(REFLECTION_VERSION.SAVED_AT),
                        List.of(mapper.readValue(found.get(REFLECTION_VERSION.ANSWERS), Answer[].class))));
    }

    private void insertRatings(Reflection reflection) {
        reflection.ratings().forEach((topic, value) -> db.insertInto(
                        OWN_RATING, OWN_RATING.REFLECTION_ID, OWN_RATING.TOPIC_ID, OWN_RATING.VALUE)
                .values(reflection.id(), topic, value)
                .execute());
    }

    private List<Reflection> fetch(Condition which) {
        var ratings = ratings(which);
        return db.selectFrom(REFLECTION)
                .where(which)
                .orderBy(REFLECTION.MONDAY.desc())
                .fetch(found -> new Reflection(
                        found.get(REFLECTION.ID),
                        found.get(REFLECTION.NOTEBOOK_ID),
                        found.get(REFLECTION.MONDAY),
                        prompts(found),
                        List.of(mapper.readValue(found.get(REFLECTION.ANSWERS), Answer[].class)),
                        ratings.getOrDefault(found.get(REFLECTION.ID), Map.of()),
                        new Resolve(
                                Optional.ofNullable(found.get(REFLECTION.OUTCOME))
                                        .map(Outcome::valueOf),
                                found.get(REFLECTION.OUTCOME_ABOUT),
                                found.get(REFLECTION.INTENTION)),
                        found.get(REFLECTION.LET_GO),
                        found.get(REFLECTION.VERSION),
                        found.get(REFLECTION.WRITTEN_ON)));
    }

    /** Sheets from before there were sets of prompts answer ours. */
    private List<Prompt> prompts(Record found) {
        return Optional.ofNullable(found.get(REFLECTION.PROMPTS))
                .map(json -> List.of(mapper.readValue(json, Prompt[].class)))
                .orElse(Prompt.WEEKLY);
    }

    private Map<UUID, Map<UUID, Integer>> ratings(Condition which) {
        return db
                .select(OWN_RATING.REFLECTION_ID, OWN_RATING.TOPIC_ID, OWN_RATING.VALUE)
                .from(OWN_RATING)
                .join(REFLECTION)
                .on(REFLECTION.ID.eq(OWN_RATING.REFLECTION_ID))
                .where(which)
                .fetch()
                .stream()
                .collect(groupingBy(
                        link -> link.get(OWN_RATING.REFLECTION_ID),
                        toMap(link -> link.get(OWN_RATING.TOPIC_ID), link -> link.get(OWN_RATING.VALUE))));
    }
}
