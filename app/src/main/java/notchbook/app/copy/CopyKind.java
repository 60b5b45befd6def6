package notchbook.app.copy;

/** What a copy is made of. */
enum CopyKind {
    VERSION,
    SECTION,
    BOOK,
    COLLECTION
}
