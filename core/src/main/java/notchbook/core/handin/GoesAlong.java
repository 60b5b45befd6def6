package notchbook.core.handin;

/**
 * What of the student's own goes out with the work: the marks set for oneself, the cues for review, earlier versions of what was
 * typed, and looking back on single pieces of it. All of it stays at home unless it is wanted.
 */
public record GoesAlong(boolean marks, boolean cues, boolean earlier, boolean lookBacks) {
    public static final GoesAlong NOTHING = new GoesAlong(false, false, false, false);
}
