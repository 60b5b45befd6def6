package notchbook.app.collection;

/** What an item of a collection is: a web link, a note of one's own, a file, or an entry from one's pages. */
public enum ItemKind {
    LINK,
    NOTE,
    FILE,
    ENTRY
}
