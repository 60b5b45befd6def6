package notchbook.core.mark;

/** The marks that every student has, and one for all of the student's own. */
public enum MarkKind {
    KEY,
    QUESTION,
    TASK,
    OWN;

    public static MarkKind of(Mark mark) {
        return switch (mark) {
            case Mark.Key ignored -> KEY;
            case Mark.OpenQuestion ignored -> QUESTION;
            case Mark.Task ignored -> TASK;
            case Mark.Own ignored -> OWN;
        };
    }
}
