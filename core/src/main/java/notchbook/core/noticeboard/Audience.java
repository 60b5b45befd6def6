package notchbook.core.noticeboard;

/** Whom a student shows a piece to. */
public enum Audience {
    CLASS,
    TEACHER
}
