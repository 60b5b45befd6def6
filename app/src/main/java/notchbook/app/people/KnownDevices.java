package notchbook.app.people;

import static notchbook.tables.Tables.KNOWN_DEVICE;

import java.util.UUID;
import notchbook.app.platform.SchoolClock;
import notchbook.core.seal.Sha256;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The devices on which people have signed in, known again by a secret in a cookie. */
@Repository
class KnownDevices {
    private final DSLContext db;
    private final SchoolClock clock;

    KnownDevices(DSLContext db, SchoolClock clock) {
        this.db = db;
        this.clock = clock;
    }

    boolean isKnown(UUID personId, String secret) {
        return db.fetchExists(
                KNOWN_DEVICE, KNOWN_DEVICE.PERSON_ID.eq(personId), KNOWN_DEVICE.SECRET_SHA256.eq(sha256(secret)));
    }

    void keep(UUID personId, String secret) {
        db.insertInto(KNOWN_DEVICE)
                .set(KNOWN_DEVICE.PERSON_ID, personId)
                .set(KNOWN_DEVICE.SECRET_SHA256, sha256(secret))
                .set(KNOWN_DEVICE.SEEN_AT, clock.now())
                .onDuplicateKeyUpdate()
                .set(KNOWN_DEVICE.SEEN_AT, clock.now())
                .execute();
    }

    static String sha256(String secret) {
        return Sha256.hex(secret);
    }
}
