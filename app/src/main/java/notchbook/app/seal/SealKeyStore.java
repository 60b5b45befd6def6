package notchbook.app.seal;

import static notchbook.tables.Tables.SEAL_KEY;
import static org.jooq.impl.DSL.field;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.seal.SealKeys.KeptKey;
import notchbook.app.seal.SealKeys.PublicKey;
import notchbook.core.seal.SealKey;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class SealKeyStore {
    /** Only an installation itself has the private part of its keys. */
    private static final Condition IS_OWN = SEAL_KEY.PRIVATE_KEY.isNotNull();

    private final DSLContext db;

    SealKeyStore(DSLContext db) {
        this.db = db;
    }

    Optional<KeptKey> latest() {
        return db.selectFrom(SEAL_KEY)
                .where(IS_OWN)
                .orderBy(SEAL_KEY.MADE_AT.desc())
                .limit(1)
                .fetchOptional(found -> new KeptKey(
                        found.get(SEAL_KEY.ID),
                        new SealKey(found.get(SEAL_KEY.PUBLIC_KEY), found.get(SEAL_KEY.PRIVATE_KEY))));
    }

    /** Those of this installation, the latest first. */
    List<PublicKey> ownKeys() {
        return publicKeys(IS_OWN);
    }

    /** A key of this installation, or of another whose versions were brought along. */
    Optional<PublicKey> publicKey(UUID id) {
        return publicKeys(SEAL_KEY.ID.eq(id)).stream().findFirst();
    }

    private List<PublicKey> publicKeys(Condition which) {
        return db.select(SEAL_KEY.ID, SEAL_KEY.PUBLIC_KEY, SEAL_KEY.MADE_AT, field(IS_OWN))
                .from(SEAL_KEY)
                .where(which)
                .orderBy(SEAL_KEY.MADE_AT.desc())
                .fetch(found -> new PublicKey(found.value1(), found.value2(), found.value3(), found.value4()));
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
