package notchbook.core.handin;

/** What is handed in: a section with all its pages, pages that were chosen, or the sheet of a week. */
public enum Scope {
    SECTION,
    PAGES,
    SHEET
}
