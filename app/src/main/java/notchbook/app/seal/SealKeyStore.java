package notchbook.app.seal;

import static notchbook.tables.Tables.SEAL_KEY;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import notchbook.app.seal.SealKeys.KeptKey;
import notchbook.app.seal.SealKeys.PublicKey;
import notchbook.core.seal.SealKey;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class SealKeyStore {
    private final DSLContext db;

    SealKeyStore(DSLContext db) {
        this.db = db;
    }

    Optional<KeptKey> latest() {
        return db.selectFrom(SEAL_KEY)
                .orderBy(SEAL_KEY.MADE_AT.desc())
                .limit(1)
                .fetchOptional(found -> new KeptKey(
                        found.get(SEAL_KEY.ID),
                        new SealKey(found.get(SEAL_KEY.PUBLIC_KEY), found.get(SEAL_KEY.PRIVATE_KEY))));
    }

    List<PublicKey> publicKeys() {
        return db.select(SEAL_KEY.ID, SEAL_KEY.PUBLIC_KEY, SEAL_KEY.MADE_AT)
                .from(SEAL_KEY)
                .orderBy(SEAL_KEY.MADE_AT.desc())
                .fetch(found -> new PublicKey(
                        found.get(SEAL_KEY.ID), found.get(SEAL_KEY.PUBLIC_KEY), found.get(SEAL_KEY.MADE_AT)));
    }

    void insert(KeptKey made, Instant at) {
        db.insertInto(SEAL_KEY)
                .set(SEAL_KEY.ID, made.id())
                .set(SEAL_KEY.PUBLIC_KEY, made.key().publicBytes())
                .set(SEAL_KEY.PRIVATE_KEY, made.key().privateBytes())
                .set(SEAL_KEY.MADE_AT, at)
                .execute();
    }
}
