package notchbook.app.mail;

import static notchbook.tables.Tables.SHOWN_MAIL;

import java.time.Instant;
import java.util.List;
import notchbook.app.platform.SchoolClock;
import org.jooq.DSLContext;

/** A stand-in that sends nothing and shows what it would have sent. */
final class ShownPost implements Post {
    private static final int MOST = 100;

    private final DSLContext db;
    private final SchoolClock clock;

    ShownPost(DSLContext db, SchoolClock clock) {
        this.db = db;
        this.clock = clock;
    }

    record ShownLetter(String to, String subject, String words, Instant at) {}

    @Override
    public boolean isThere() {
        return true;
    }

    @Override
    public void send(Letter letter) {
        db.insertInto(SHOWN_MAIL)
                .set(SHOWN_MAIL.ID, clock.newId())
                .set(SHOWN_MAIL.SENT_TO, letter.to())
                .set(SHOWN_MAIL.SUBJECT, letter.subject())
                .set(SHOWN_MAIL.WORDS, letter.words())
                .set(SHOWN_MAIL.AT, clock.now())
                .execute();
    }

    /** The latest first. */
    List<ShownLetter> letters() {
        return db.selectFrom(SHOWN_MAIL)
                .orderBy(SHOWN_MAIL.AT.desc())
                .limit(MOST)
                .fetch(found -> new ShownLetter(
                        found.get(SHOWN_MAIL.SENT_TO),
                        found.get(SHOWN_MAIL.SUBJECT),
                        found.get(SHOWN_MAIL.WORDS),
                        found.get(SHOWN_MAIL.AT)));
    }
}
