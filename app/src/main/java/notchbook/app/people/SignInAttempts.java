package notchbook.app.people;

import static notchbook.tables.Tables.FAILED_SIGN_IN;

import java.time.Duration;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Counts failed sign-ins, so that passwords can't be guessed in a row. Kept in the database, as several copies may run. */
@Component
class SignInAttempts {
    private static final Duration WINDOW = Duration.ofMinutes(10);

    /** A student who mistypes gets there; a guesser does not. */
    private static final int MOST_FOR_A_NAME = 5;

    /** A computer room behind one address still gets in. */
    private static final int MOST_FROM_AN_ADDRESS = 100;

    private final DSLContext db;
    private final SchoolClock clock;

    SignInAttempts(DSLContext db, SchoolClock clock) {
        this.db = db;
        this.clock = clock;
    }

    void requireFew(String userName, String address) {
        if (count(FAILED_SIGN_IN.USER_NAME.eq(userName)) >= MOST_FOR_A_NAME
                || count(FAILED_SIGN_IN.ADDRESS.eq(address)) >= MOST_FROM_AN_ADDRESS) {
            throw Refusal.tooOften(
                    "Too many tries that did not fit. Wait ten minutes, or ask your teacher for a new password.");
        }
    }

    void failed(String userName, String address) {
        db.deleteFrom(FAILED_SIGN_IN)
                .where(FAILED_SIGN_IN.AT.lt(clock.now().minus(WINDOW)))
                .execute();
        db.insertInto(FAILED_SIGN_IN, FAILED_SIGN_IN.USER_NAME, FAILED_SIGN_IN.ADDRESS, FAILED_SIGN_IN.AT)
                .values(userName, address, clock.now())
                .execute();
    }

    private int count(Condition whose) {
        return db.fetchCount(
                FAILED_SIGN_IN, whose.and(FAILED_SIGN_IN.AT.ge(clock.now().minus(WINDOW))));
    }
}
