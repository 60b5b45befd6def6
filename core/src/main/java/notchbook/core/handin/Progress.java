package notchbook.core.handin;

import java.util.Optional;

/** How far a student is with what is asked of them (docs/rules.md, Whom set work is asked of). */
public enum Progress {
    NOT_BEGUN,
    BEGUN,
    IN,
    CHECKED;

    /** {@code latest} is where the version stands that counts; without one there may be something that was begun. */
    public static Progress of(boolean isBegun, Optional<HandInState> latest) {
        return latest.map(state -> state == HandInState.CHECKED ? CHECKED : IN).orElse(isBegun ? BEGUN : NOT_BEGUN);
    }
}
