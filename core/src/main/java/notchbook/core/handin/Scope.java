package notchbook.core.handin;

/** What is handed in: a section with all its pages, pages that were chosen, the sheet of a week, or a book of the year. */
public enum Scope {
    SECTION,
    PAGES,
    SHEET,
    BOOK;

    /** Whether it is keyed to what was asked for; a sheet and a book say for themselves what they are about. */
    public boolean isKeyed() {
        return this == SECTION || this == PAGES;
    }
}
