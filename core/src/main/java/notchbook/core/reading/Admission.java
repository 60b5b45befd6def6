package notchbook.core.reading;

/** What somebody meets who opens a link. */
public enum Admission {
    IN,
    ASKS_FOR_WORD,
    /** It waits for a teacher's yes. */
    NOT_YET,
    /** Ended, taken back or refused: from outside they look the same. */
    OVER
}
