package notchbook.core.noticeboard;

/** What somebody is to a piece: whose it is, a teacher of the class that it is shown to, a student in it, or none of these. */
public enum Viewer {
    OWNER,
    TEACHER,
    CLASSMATE,
    OTHER
}
