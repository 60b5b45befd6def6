package notchbook.app.setwork;

import java.util.UUID;

/** Whoever keeps how hand-ins were judged by the criteria of set work. */
public interface Judgements {
    /** Whether a level was chosen for anything that was handed in for it. */
    boolean isJudged(UUID setWorkId);
}
