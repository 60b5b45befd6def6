package notchbook.core.source;

/** What was read, seen or heard. */
public enum SourceKind {
    WEB_PAGE,
    BOOK,
    ARTICLE,
    NEWS,
    FILM,
    PICTURE,
    TALK,
    DATA
}
