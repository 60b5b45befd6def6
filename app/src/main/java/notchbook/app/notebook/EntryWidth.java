package notchbook.app.notebook;

/** How much of the page's width an entry takes. */
public enum EntryWidth {
    FULL,
    HALF,
    THIRD
}
