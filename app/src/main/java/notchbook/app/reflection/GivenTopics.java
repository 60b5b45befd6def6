package notchbook.app.reflection;

import static notchbook.tables.Tables.LOOK_BACK;
import static notchbook.tables.Tables.REFLECTION;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Asks;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The topics that answers name, where a prompt asks for one. */
@Component
class GivenTopics implements KeyedToSyllabus {
    private final ReflectionStore sheets;
    private final LookBackStore lookBacks;
    private final DSLContext db;
    private final JsonMapper mapper;

    GivenTopics(ReflectionStore sheets, LookBackStore lookBacks, DSLContext db, JsonMapper mapper) {
        this.sheets = sheets;
        this.lookBacks = lookBacks;
        this.db = db;
        this.mapper = mapper;
    }

    @Override
    public void rekey(UUID notebookId, Map<UUID, UUID> lines) {
        sheets.in(notebookId).forEach(sheet -> rekey(sheet, lines, REFLECTION.ID, sheet.id(), REFLECTION.ANSWERS));
        lookBacks.everyOneIn(notebookId).forEach(one -> rekey(one, lines, LOOK_BACK.ID, one.id(), LOOK_BACK.ANSWERS));
    }

    private void rekey(
            Answering answering,
            Map<UUID, UUID> lines,
            TableField<?, UUID> idField,
            UUID id,
            TableField<?, String> answers) {
        var now = answering.answered().stream()
                .map(one -> one.prompt().asks() == Asks.TOPIC ? rekeyed(one.answer(), lines) : one.answer())
                .toList();
        if (!now.equals(answering.answers())) {
            db.update(answers.getTable())
                    .set(answers, mapper.writeValueAsString(now))
                    .where(idField.eq(id))
                    .execute();
        }
    }

    private static Answer rekeyed(Answer answer, Map<UUID, UUID> lines) {
        return Optional.of(answer.given())
                .filter(given -> !given.isEmpty())
                .flatMap(given -> Optional.ofNullable(lines.get(UUID.fromString(given))))
                .map(line -> new Answer(answer.words(), line.toString(), answer.pieces(), answer.made()))
                .orElse(answer);
    }
}
