package notchbook.app.reflection;

import static notchbook.tables.Tables.PROMPT_SET;

import java.util.List;
import java.util.UUID;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.PromptSet;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.TableField;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Sets of prompts of persons and of classes; each belongs to one of them. */
@Repository
class PromptSetStore {
    private final DSLContext db;
    private final JsonMapper mapper;

    PromptSetStore(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    List<PromptSet> ofPerson(UUID personId) {
        return fetch(PROMPT_SET.PERSON_ID.eq(personId));
    }

    List<PromptSet> ofClass(UUID classId) {
        return fetch(PROMPT_SET.CLASS_ID.eq(classId));
    }

    boolean putOfPerson(UUID personId, PromptSet set) {
        return put(PROMPT_SET.PERSON_ID, personId, set);
    }

    boolean putOfClass(UUID classId, PromptSet set) {
        return put(PROMPT_SET.CLASS_ID, classId, set);
    }

    boolean deleteOfPerson(UUID personId, UUID id) {
        return delete(PROMPT_SET.ID.eq(id).and(PROMPT_SET.PERSON_ID.eq(personId)));
    }

    boolean deleteOfClass(UUID classId, UUID id) {
        return delete(PROMPT_SET.ID.eq(id).and(PROMPT_SET.CLASS_ID.eq(classId)));
    }

    /** Writes a set anew or over; false when the id is another's. */
    private boolean put(TableField<Record, UUID> whose, UUID owner, PromptSet set) {
        var prompts = mapper.writeValueAsString(set.prompts());
        db.insertInto(PROMPT_SET)
                .set(PROMPT_SET.ID, set.id())
                .set(whose, owner)
                .set(PROMPT_SET.NAME, set.name())
                .set(PROMPT_SET.FROM_MONDAY, set.from())
                .set(PROMPT_SET.PROMPTS, prompts)
                .onDuplicateKeyIgnore()
                .execute();
        return db.update(PROMPT_SET)
                        .set(PROMPT_SET.NAME, set.name())
                        .set(PROMPT_SET.FROM_MONDAY, set.from())
                        .set(PROMPT_SET.PROMPTS, prompts)
                        .set(PROMPT_SET.IS_READ, set.isRead())
                        .where(PROMPT_SET.ID.eq(set.id()), whose.eq(owner))
                        .execute()
                == 1;
    }

    private boolean delete(Condition which) {
        return db.deleteFrom(PROMPT_SET).where(which).execute() == 1;
    }

    private List<PromptSet> fetch(Condition which) {
        return db.selectFrom(PROMPT_SET)
                .where(which)
                .orderBy(PROMPT_SET.FROM_MONDAY, PROMPT_SET.ID)
                .fetch(found -> new PromptSet(
                        found.get(PROMPT_SET.ID),
                        found.get(PROMPT_SET.NAME),
                        found.get(PROMPT_SET.FROM_MONDAY),
                        List.of(mapper.readValue(found.get(PROMPT_SET.PROMPTS), Prompt[].class)),
                        found.get(PROMPT_SET.IS_READ)));
    }
}
