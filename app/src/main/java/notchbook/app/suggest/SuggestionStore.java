package notchbook.app.suggest;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;
import static notchbook.tables.Tables.BESIDE_SYLLABUS;
import static notchbook.tables.Tables.REFUSED_POINT;

import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What a student said to suggestions: not this point, no work for the syllabus. */
@Repository
class SuggestionStore {
    private final DSLContext db;

    SuggestionStore(DSLContext db) {
        this.db = db;
    }

    /** The points that are not to be suggested again, by entry. */
    Map<UUID, Set<UUID>> refused(Collection<UUID> entries) {
        return db
                .select(REFUSED_POINT.ENTRY_ID, REFUSED_POINT.NODE_ID)
                .from(REFUSED_POINT)
                .where(REFUSED_POINT.ENTRY_ID.in(entries))
                .fetchGroups(REFUSED_POINT.ENTRY_ID, REFUSED_POINT.NODE_ID)
                .entrySet()
                .stream()
                .collect(toMap(Map.Entry::getKey, one -> one.getValue().stream().collect(toSet())));
    }

    void refuse(UUID entry, UUID point, Instant at) {
        db.insertInto(REFUSED_POINT, REFUSED_POINT.ENTRY_ID, REFUSED_POINT.NODE_ID, REFUSED_POINT.AT)
                .values(entry, point, at)
                .onDuplicateKeyIgnore()
                .execute();
    }

    void allow(UUID entry, UUID point) {
        db.deleteFrom(REFUSED_POINT)
                .where(REFUSED_POINT.ENTRY_ID.eq(entry), REFUSED_POINT.NODE_ID.eq(point))
                .execute();
    }

    /** Those of these entries that are no work for the syllabus. */
    Set<UUID> beside(Collection<UUID> entries) {
        return db.select(BESIDE_SYLLABUS.ENTRY_ID)
                .from(BESIDE_SYLLABUS)
                .where(BESIDE_SYLLABUS.ENTRY_ID.in(entries))
                .fetchSet(BESIDE_SYLLABUS.ENTRY_ID);
    }

    void setBeside(UUID entry, Instant at) {
        db.insertInto(BESIDE_SYLLABUS, BESIDE_SYLLABUS.ENTRY_ID, BESIDE_SYLLABUS.AT)
                .values(entry, at)
                .onDuplicateKeyIgnore()
                .execute();
    }

    void clearBeside(UUID entry) {
        db.deleteFrom(BESIDE_SYLLABUS).where(BESIDE_SYLLABUS.ENTRY_ID.eq(entry)).execute();
    }
}
