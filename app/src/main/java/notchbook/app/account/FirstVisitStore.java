package notchbook.app.account;

import static notchbook.tables.Tables.FIRST_VISIT;

import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class FirstVisitStore {
    private final DSLContext db;

    FirstVisitStore(DSLContext db) {
        this.db = db;
    }

    /** Keeps the digest of the code; one that was there before is worth nothing then. */
    void put(String codeSha256) {
        db.insertInto(FIRST_VISIT)
                .set(FIRST_VISIT.CODE_SHA256, codeSha256)
                .onDuplicateKeyUpdate()
                .set(FIRST_VISIT.CODE_SHA256, codeSha256)
                .execute();
    }

    /** The digest of the code, which nobody else can use until the end of the transaction. */
    Optional<String> lock() {
        return db.selectFrom(FIRST_VISIT).forUpdate().fetchOptional(FIRST_VISIT.CODE_SHA256);
    }

    void delete() {
        db.deleteFrom(FIRST_VISIT).execute();
    }
}
