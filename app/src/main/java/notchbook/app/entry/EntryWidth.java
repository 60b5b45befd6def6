package notchbook.app.entry;

/** How much of the page's width an entry takes. */
public enum EntryWidth {
    FULL,
    HALF,
    THIRD
}
