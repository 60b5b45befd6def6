package notchbook.core.handin;

/**
 * What of the student's own goes out with the work: the marks set for oneself, the cues for review, and earlier versions of what
 * was typed. All of it stays at home unless it is wanted.
 */
public record GoesAlong(boolean marks, boolean cues, boolean earlier) {
    public static final GoesAlong NOTHING = new GoesAlong(false, false, false);
}
