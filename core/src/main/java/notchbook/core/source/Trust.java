package notchbook.core.source;

/** How far a student trusts a source. */
public enum Trust {
    LITTLE,
    PARTLY,
    FULLY
}
