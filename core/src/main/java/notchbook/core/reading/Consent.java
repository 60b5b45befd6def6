package notchbook.core.reading;

/** A teacher's yes to a link, where the school wants one first. */
public enum Consent {
    NOT_NEEDED,
    WAITING,
    GIVEN,
    REFUSED
}
