package notchbook.app.scan;

import static notchbook.tables.Tables.SCAN;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

@Repository
class ScanStore {
    private final DSLContext db;

    ScanStore(DSLContext db) {
        this.db = db;
    }

    Optional<ScanBench> find(UUID id) {
        return db.selectFrom(SCAN).where(SCAN.ID.eq(id)).fetchOptional(ScanStore::bench);
    }

    /** Photos of one bench are compared one after the other, so that two of the same page see each other. */
    void lock(UUID id) {
        db.select(SCAN.ID).from(SCAN).where(SCAN.ID.eq(id)).forUpdate().fetch();
    }

    /** The benches for a page, the newest first. */
    List<ScanBench> onPage(UUID pageId) {
        return db.selectFrom(SCAN)
                .where(SCAN.PAGE_ID.eq(pageId))
                .orderBy(SCAN.CREATED_AT.desc())
                .fetch(ScanStore::bench);
    }

    void insert(ScanBench bench) {
        db.insertInto(SCAN)
                .set(SCAN.ID, bench.id())
                .set(SCAN.OWNER_ID, bench.ownerId())
                .set(SCAN.PAGE_ID, bench.pageId())
                .set(SCAN.ZONE, bench.zone())
                .set(SCAN.ENTRY_ID, bench.entryId().orElse(null))
                .set(SCAN.NAME, bench.name())
                .set(SCAN.CREATED_AT, bench.createdAt())
                .execute();
    }

    void name(UUID id, String name) {
        db.update(SCAN).set(SCAN.NAME, name).where(SCAN.ID.eq(id)).execute();
    }

    /** Takes a bench away with its shots; the photos and pages stay in the media store. */
    void delete(UUID id) {
        db.deleteFrom(SCAN).where(SCAN.ID.eq(id)).execute();
    }

    private static ScanBench bench(Record found) {
        return new ScanBench(
                found.get(SCAN.ID),
                found.get(SCAN.OWNER_ID),
                found.get(SCAN.PAGE_ID),
                found.get(SCAN.ZONE),
                Optional.ofNullable(found.get(SCAN.ENTRY_ID)),
                found.get(SCAN.NAME),
                found.get(SCAN.CREATED_AT));
    }
}
