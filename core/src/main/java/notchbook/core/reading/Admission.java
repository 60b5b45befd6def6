package notchbook.core.reading;

/** What somebody meets who opens a link. */
public enum Admission {
    IN,
    ASKS_FOR_WORD,
    /** Ended or taken back: from outside the two look the same. */
    OVER
}
