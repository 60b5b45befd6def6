package notchbook.app.reflection;

import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.LOOK_BACK;
import static notchbook.tables.Tables.PAGE;
import static notchbook.tables.Tables.REFLECTION;
import static notchbook.tables.Tables.SECTION;
import static org.jooq.impl.DSL.select;

import java.util.Arrays;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.NeedsNoNotch;
import notchbook.core.reflection.Answer;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Entries that were made as answers, spoken or written by hand. */
@Component
class AnswerEntries implements NeedsNoNotch {
    /** As answers with something made are written down; most have nothing, and are not read for this. */
    private static final String WITH_MADE = "\"made\":[\"";

    private final DSLContext db;
    private final JsonMapper mapper;

    AnswerEntries(DSLContext db, JsonMapper mapper) {
        this.db = db;
        this.mapper = mapper;
    }

    @Override
    public Set<UUID> among(Collection<UUID> entries) {
        if (entries.isEmpty()) {
            return Set.of();
        }
        var notebooks = select(SECTION.NOTEBOOK_ID)
                .from(ENTRY)
                .join(PAGE)
                .on(PAGE.ID.eq(ENTRY.PAGE_ID))
                .join(SECTION)
                .on(SECTION.ID.eq(PAGE.SECTION_ID))
                .where(ENTRY.ID.in(entries));
        return db
                .select(REFLECTION.ANSWERS)
                .from(REFLECTION)
                .where(REFLECTION.NOTEBOOK_ID.in(notebooks), REFLECTION.ANSWERS.contains(WITH_MADE))
                .unionAll(select(LOOK_BACK.ANSWERS)
                        .from(LOOK_BACK)
                        .where(LOOK_BACK.NOTEBOOK_ID.in(notebooks), LOOK_BACK.ANSWERS.contains(WITH_MADE)))
                .fetch(row -> mapper.readValue(row.value1(), Answer[].class))
                .stream()
                .flatMap(Arrays::stream)
                .flatMap(answer -> answer.made().stream())
                .filter(entries::contains)
                .collect(toSet());
    }
}
