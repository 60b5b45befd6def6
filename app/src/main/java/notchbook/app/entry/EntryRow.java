package notchbook.app.entry;

import static notchbook.tables.Tables.ENTRY;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Record;

/** An entry as its row has it. */
final class EntryRow {
    private EntryRow() {}

    static Entry of(Record found, Set<UUID> notches) {
        return new Entry(
                found.get(ENTRY.ID),
                new EntryPlace(
                        found.get(ENTRY.PAGE_ID),
                        found.get(ENTRY.ZONE),
                        Optional.ofNullable(found.get(ENTRY.BESIDE)),
                        EntryWidth.valueOf(found.get(ENTRY.WIDTH))),
                EntryKind.valueOf(found.get(ENTRY.KIND)),
                found.get(ENTRY.CONTENT),
                found.get(ENTRY.IS_EMPTY),
                Optional.ofNullable(found.get(ENTRY.MEDIA_ID)),
                found.get(ENTRY.CAPTION),
                found.get(ENTRY.POSITION),
                found.get(ENTRY.VERSION),
                found.get(ENTRY.MADE_AT),
                found.get(ENTRY.CHANGED_AT),
                Optional.ofNullable(found.get(ENTRY.COPIED_FROM)),
                notches);
    }
}
