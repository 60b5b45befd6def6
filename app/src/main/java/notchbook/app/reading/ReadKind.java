package notchbook.app.reading;

/** What a link can be to: a sealed version, a section, a page or a collection as it is now, or one entry, such as a set of photos. */
public enum ReadKind {
    VERSION,
    SECTION,
    PAGE,
    ENTRY,
    COLLECTION
}
