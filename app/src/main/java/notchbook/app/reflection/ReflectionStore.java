package notchbook.app.reflection;

import static notchbook.tables.Tables.OWN_RATING;
import static notchbook.tables.Tables.REFLECTION;
import static notchbook.tables.Tables.REFLECTION_CHOICE;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Resolve;
import org.jooq.Condition;
import org.jooq.DSLContext;
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

    Optional<Reflection> find(UUID notebookId, LocalDate monday) {
        return fetch(REFLECTION.NOTEBOOK_ID.eq(notebookId).and(REFLECTION.MONDAY.eq(monday))).stream()
                .findFirst();
    }

    /** All sheets of a notebook, the latest week first. */
    List<Reflection> in(UUID notebookId) {
        return fetch(REFLECTION.NOTEBOOK_ID.eq(notebookId));
    }

    void insert(Reflection reflection) {
        db.insertInto(REFLECTION)
                .set(REFLECTION.ID, reflection.id())
                .set(REFLECTION.NOTEBOOK_ID, reflection.notebookId())
                .set(REFLECTION.MONDAY, reflection.monday())
                .set(REFLECTION.ANSWERS, mapper.writeValueAsString(reflection.answers()))
                .set(REFLECTION.VERSION, reflection.version())
                .set(REFLECTION.WRITTEN_ON, reflection.writtenOn())
                .set(
                        REFLECTION.OUTCOME,
                        reflection.resolve().outcome().map(Outcome::name).orElse(null))
                .set(REFLECTION.OUTCOME_ABOUT, reflection.resolve().about())
                .set(REFLECTION.INTENTION, reflection.resolve().next())
                .execute();
        insertLinks(reflection);
    }

    void update(Reflection reflection) {
        db.update(REFLECTION)
                .set(REFLECTION.ANSWERS, mapper.writeValueAsString(reflection.answers()))
                .set(REFLECTION.VERSION, reflection.version())
                .set(REFLECTION.WRITTEN_ON, reflection.writtenOn())
                .set(
                        REFLECTION.OUTCOME,
                        reflection.resolve().outcome().map(Outcome::name).orElse(null))
                .set(REFLECTION.OUTCOME_ABOUT, reflection.resolve().about())
                .set(REFLECTION.INTENTION, reflection.resolve().next())
                .where(REFLECTION.ID.eq(reflection.id()))
                .execute();
        db.deleteFrom(REFLECTION_CHOICE)
                .where(REFLECTION_CHOICE.REFLECTION_ID.eq(reflection.id()))
                .execute();
        db.deleteFrom(OWN_RATING)
                .where(OWN_RATING.REFLECTION_ID.eq(reflection.id()))
                .execute();
        insertLinks(reflection);
    }

    private void insertLinks(Reflection reflection) {
        reflection.choices().forEach(entry -> db.insertInto(
                        REFLECTION_CHOICE, REFLECTION_CHOICE.REFLECTION_ID, REFLECTION_CHOICE.ENTRY_ID)
                .values(reflection.id(), entry)
                .execute());
        reflection.ratings().forEach((topic, value) -> db.insertInto(
                        OWN_RATING, OWN_RATING.REFLECTION_ID, OWN_RATING.TOPIC_ID, OWN_RATING.VALUE)
                .values(reflection.id(), topic, value)
                .execute());
    }

    private List<Reflection> fetch(Condition which) {
        var choices = choices(which);
        var ratings = ratings(which);
        return db.selectFrom(REFLECTION)
                .where(which)
                .orderBy(REFLECTION.MONDAY.desc())
                .fetch(found -> new Reflection(
                        found.get(REFLECTION.ID),
                        found.get(REFLECTION.NOTEBOOK_ID),
                        found.get(REFLECTION.MONDAY),
                        List.of(mapper.readValue(found.get(REFLECTION.ANSWERS), String[].class)),
                        choices.getOrDefault(found.get(REFLECTION.ID), Set.of()),
                        ratings.getOrDefault(found.get(REFLECTION.ID), Map.of()),
                        new Resolve(
                                Optional.ofNullable(found.get(REFLECTION.OUTCOME))
                                        .map(Outcome::valueOf),
                                found.get(REFLECTION.OUTCOME_ABOUT),
                                found.get(REFLECTION.INTENTION)),
                        found.get(REFLECTION.VERSION),
                        found.get(REFLECTION.WRITTEN_ON)));
    }

    private Map<UUID, Set<UUID>> choices(Condition which) {
        return db
                .select(REFLECTION_CHOICE.REFLECTION_ID, REFLECTION_CHOICE.ENTRY_ID)
                .from(REFLECTION_CHOICE)
                .join(REFLECTION)
                .on(REFLECTION.ID.eq(REFLECTION_CHOICE.REFLECTION_ID))
                .where(which)
                .fetch()
                .stream()
                .collect(Collectors.groupingBy(
                        link -> link.get(REFLECTION_CHOICE.REFLECTION_ID),
                        Collectors.mapping(link -> link.get(REFLECTION_CHOICE.ENTRY_ID), Collectors.toSet())));
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
                .collect(Collectors.groupingBy(
                        link -> link.get(OWN_RATING.REFLECTION_ID),
                        Collectors.toMap(link -> link.get(OWN_RATING.TOPIC_ID), link -> link.get(OWN_RATING.VALUE))));
    }
}
