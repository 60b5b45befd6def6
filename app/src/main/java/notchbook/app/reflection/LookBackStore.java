package notchbook.app.reflection;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static notchbook.tables.Tables.LOOK_BACK;
import static notchbook.tables.Tables.LOOK_BACK_ENTRY;
import static org.jooq.impl.DSL.select;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.LookedAt;
import notchbook.core.reflection.Prompt;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class LookBackStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    LookBackStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    /** Also one that was deleted. */
    Optional<LookBack> find(UUID id) {
        return fetch(LOOK_BACK.ID.eq(id)).stream().findFirst();
    }

    /** Those of a notebook, the latest first. */
    List<LookBack> in(UUID notebookId) {
        return fetch(LOOK_BACK.NOTEBOOK_ID.eq(notebookId).and(LOOK_BACK.DELETED_AT.isNull()));
    }

    /** Those of a notebook, also what was deleted. */
    List<LookBack> everyOneIn(UUID notebookId) {
        return fetch(LOOK_BACK.NOTEBOOK_ID.eq(notebookId));
    }

    /** Those on a page itself or on any of these entries. */
    List<LookBack> on(UUID pageId, Collection<UUID> entries) {
        return fetch(LOOK_BACK
                .DELETED_AT
                .isNull()
                .and(LOOK_BACK
                        .PAGE_ID
                        .eq(pageId)
                        .or(LOOK_BACK.ID.in(select(LOOK_BACK_ENTRY.LOOK_BACK_ID)
                                .from(LOOK_BACK_ENTRY)
                                .where(LOOK_BACK_ENTRY.ENTRY_ID.in(entries))))));
    }

    void insert(LookBack made) {
        db.insertInto(LOOK_BACK)
                .set(LOOK_BACK.ID, made.id())
                .set(LOOK_BACK.NOTEBOOK_ID, made.notebookId())
                .set(LOOK_BACK.PAGE_ID, made.on() instanceof LookedAt.OfPage(var page) ? page : null)
                .set(LOOK_BACK.VERSION_ID, made.on() instanceof LookedAt.OfVersion(var version) ? version : null)
                .set(LOOK_BACK.TITLE, made.title())
                .set(LOOK_BACK.PROMPTS, mapper.writeValueAsString(made.prompts()))
                .set(LOOK_BACK.ANSWERS, mapper.writeValueAsString(made.answers()))
                .set(LOOK_BACK.VERSION, made.version())
                .set(LOOK_BACK.WRITTEN_ON, made.writtenOn())
                .execute();
        if (made.on() instanceof LookedAt.OfEntries(var entries)) {
            for (var i = 0; i < entries.size(); i++) {
                db.insertInto(LOOK_BACK_ENTRY)
                        .set(LOOK_BACK_ENTRY.LOOK_BACK_ID, made.id())
                        .set(LOOK_BACK_ENTRY.ENTRY_ID, entries.get(i))
                        .set(LOOK_BACK_ENTRY.POSITION, i)
                        .execute();
            }
        }
    }

    void update(LookBack changed) {
        db.update(LOOK_BACK)
                .set(LOOK_BACK.ANSWERS, mapper.writeValueAsString(changed.answers()))
                .set(LOOK_BACK.VERSION, changed.version())
                .where(LOOK_BACK.ID.eq(changed.id()))
                .execute();
    }

    void delete(UUID id, Instant at) {
        db.update(LOOK_BACK)
                .set(LOOK_BACK.DELETED_AT, at)
                .where(LOOK_BACK.ID.eq(id))
                .execute();
    }

    void restore(UUID id) {
        db.update(LOOK_BACK)
                .setNull(LOOK_BACK.DELETED_AT)
                .where(LOOK_BACK.ID.eq(id))
                .execute();
    }

    private List<LookBack> fetch(Condition which) {
        var entries = entries(which);
        return db.selectFrom(LOOK_BACK)
                .where(which)
                .orderBy(LOOK_BACK.WRITTEN_ON.desc(), LOOK_BACK.ID)
                .fetch(found -> new LookBack(
                        found.get(LOOK_BACK.ID),
                        found.get(LOOK_BACK.NOTEBOOK_ID),
                        on(found, entries),
                        found.get(LOOK_BACK.TITLE),
                        List.of(mapper.readValue(found.get(LOOK_BACK.PROMPTS), Prompt[].class)),
                        List.of(mapper.readValue(found.get(LOOK_BACK.ANSWERS), Answer[].class)),
                        found.get(LOOK_BACK.VERSION),
                        found.get(LOOK_BACK.WRITTEN_ON)));
    }

    private static LookedAt on(Record found, Map<UUID, List<UUID>> entries) {
        var page = Optional.ofNullable(found.get(LOOK_BACK.PAGE_ID)).<LookedAt>map(LookedAt.OfPage::new);
        var version = Optional.ofNullable(found.get(LOOK_BACK.VERSION_ID)).<LookedAt>map(LookedAt.OfVersion::new);
        return page.or(() -> version).orElseGet(() -> new LookedAt.OfEntries(entries.get(found.get(LOOK_BACK.ID))));
    }

    private Map<UUID, List<UUID>> entries(Condition which) {
        return db
                .select(LOOK_BACK_ENTRY.LOOK_BACK_ID, LOOK_BACK_ENTRY.ENTRY_ID)
                .from(LOOK_BACK_ENTRY)
                .join(LOOK_BACK)
                .on(LOOK_BACK.ID.eq(LOOK_BACK_ENTRY.LOOK_BACK_ID))
                .where(which)
                .orderBy(LOOK_BACK_ENTRY.POSITION)
                .fetch()
                .stream()
                .collect(groupingBy(
                        row -> row.get(LOOK_BACK_ENTRY.LOOK_BACK_ID),
                        mapping(row -> row.get(LOOK_BACK_ENTRY.ENTRY_ID), toList())));
    }
}
