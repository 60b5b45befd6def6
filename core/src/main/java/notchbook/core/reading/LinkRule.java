package notchbook.core.reading;

/** Who decides in a school about links for readers outside. */
public enum LinkRule {
    /** Students give them themselves. */
    FREE,
    /** A teacher of the student says yes first. */
    CONSENT,
    /** Nobody gives any. */
    NONE;

    /** What a new link waits for, where one may be made. */
    public Consent asks() {
        return this == CONSENT ? Consent.WAITING : Consent.NOT_NEEDED;
    }
}
