package notchbook.app.scan;

import static notchbook.tables.Tables.PHONE_LINK;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Secrets are kept as digests: who reads the database can use no link. */
@Repository
class PhoneLinkStore {
    private final DSLContext db;

    PhoneLinkStore(DSLContext db) {
        this.db = db;
    }

    record PhoneLink(UUID scanId, Instant until) {}

    void insert(String secretSha256, PhoneLink link) {
        db.insertInto(PHONE_LINK)
                .set(PHONE_LINK.SECRET_SHA256, secretSha256)
                .set(PHONE_LINK.SCAN_ID, link.scanId())
                .set(PHONE_LINK.UNTIL, link.until())
                .execute();
    }

    /** Ends the links of a bench, so that one at a time is open. */
    void delete(UUID scanId) {
        db.deleteFrom(PHONE_LINK).where(PHONE_LINK.SCAN_ID.eq(scanId)).execute();
    }

    Optional<PhoneLink> find(String secretSha256) {
        return db.selectFrom(PHONE_LINK)
                .where(PHONE_LINK.SECRET_SHA256.eq(secretSha256))
                .fetchOptional(found -> new PhoneLink(found.get(PHONE_LINK.SCAN_ID), found.get(PHONE_LINK.UNTIL)));
    }

    /** Gives the link to the phone that asks first; whether it is this phone's now. */
    boolean claim(String secretSha256, String phoneSha256) {
        db.update(PHONE_LINK)
                .set(PHONE_LINK.PHONE_SHA256, phoneSha256)
                .where(PHONE_LINK.SECRET_SHA256.eq(secretSha256), PHONE_LINK.PHONE_SHA256.isNull())
                .execute();
        return db.fetchExists(
                PHONE_LINK, PHONE_LINK.SECRET_SHA256.eq(secretSha256), PHONE_LINK.PHONE_SHA256.eq(phoneSha256));
    }
}
