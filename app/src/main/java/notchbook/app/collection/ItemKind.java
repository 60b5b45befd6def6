package notchbook.app.collection;

/**
 * What an item of a collection is: a web link, a note of one's own, a file, an entry from one's pages, a whole page of them, a version that
 * was handed in, or another collection.
 */
public enum ItemKind {
    LINK,
    NOTE,
    FILE,
    ENTRY,
    PAGE,
    VERSION,
    COLLECTION;

    /** Somebody's own work is looked at by others, and not taken over. */
    public boolean staysWithItsOwner() {
        return switch (this) {
            case LINK, NOTE, FILE -> false;
            case ENTRY, PAGE, VERSION, COLLECTION -> true;
        };
    }
}
