package notchbook.app.people;

import static notchbook.tables.Tables.FAILED_SIGN_IN;

import java.time.Duration;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/**
 * Counts failed sign-ins, so that passwords can't be guessed in a row. Tries are counted by where they come from, so that
 * nobody is kept out by what somebody else does elsewhere. Kept in the database, as several copies may run.
 */
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

    void requireFew(String userName, TriedFrom from) {
        var isFew = count(isFor(userName, from)) < MOST_FOR_A_NAME
                && (from instanceof TriedFrom.KnownDevice || count(isFrom(from)) < MOST_FROM_AN_ADDRESS);
        if (!isFew) {
            throw Refusal.tooOften(
                    "Too many tries from here that did not fit. Wait ten minutes, sign in on a device that you "
                            + "have used before, or have your teacher give you a new password: on the page of your class, under your name.");
        }
    }

    void failed(String userName, TriedFrom from) {
        db.deleteFrom(FAILED_SIGN_IN)
                .where(FAILED_SIGN_IN.AT.lt(clock.now().minus(WINDOW)))
                .execute();
        db.insertInto(FAILED_SIGN_IN, FAILED_SIGN_IN.USER_NAME, FAILED_SIGN_IN.SOURCE, FAILED_SIGN_IN.AT)
                .values(userName, from.source(), clock.now())
                .execute();
    }

    /** A new password is worth new tries, wherever from. */
    void forget(String userName) {
        db.deleteFrom(FAILED_SIGN_IN)
                .where(FAILED_SIGN_IN.USER_NAME.eq(userName))
                .execute();
    }

    private static Condition isFor(String userName, TriedFrom from) {
        return FAILED_SIGN_IN.USER_NAME.eq(userName).and(isFrom(from));
    }

    private static Condition isFrom(TriedFrom from) {
        return FAILED_SIGN_IN.SOURCE.eq(from.source());
    }

    private int count(Condition which) {
        return db.fetchCount(
                FAILED_SIGN_IN, which.and(FAILED_SIGN_IN.AT.ge(clock.now().minus(WINDOW))));
    }
}
