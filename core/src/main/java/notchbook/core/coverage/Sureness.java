package notchbook.core.coverage;

import java.util.Optional;

/** An own rating set against paper marks (docs/rules.md, Sureness). */
public enum Sureness {
    OVER_SURE,
    UNDER_SURE;

    private static final int SURE_FROM = 3;
    private static final double WEAK_BELOW = 0.5;
    private static final double STRONG_FROM = 0.7;

    /** What a rating (1 to 4) and the share of marks (0 to 1) say together; empty when they agree. */
    public static Optional<Sureness> of(int rating, double share) {
        if (rating >= SURE_FROM && share < WEAK_BELOW) {
            return Optional.of(OVER_SURE);
        }
        return rating < SURE_FROM && share >= STRONG_FROM ? Optional.of(UNDER_SURE) : Optional.empty();
    }
}
