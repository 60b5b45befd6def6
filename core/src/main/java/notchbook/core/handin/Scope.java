package notchbook.core.handin;

/** What is handed in: a section with all its pages, pages that were chosen, the sheet of a week, a book of the year, or a collection. */
public enum Scope {
    SECTION,
    PAGES,
    SHEET,
    BOOK,
    COLLECTION;

    /** Whether it is keyed to what was asked for; the others say for themselves what they are about. */
    public boolean isKeyed() {
        return this == SECTION || this == PAGES;
    }
}
