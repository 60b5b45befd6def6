package notchbook.app.platform;

import java.util.UUID;

/**
 * A kind of work that goes on after its request was answered, such as reading the words of a large file. It may run more
 * than once for the same subject, after a restart for one, and has to come to the same end.
 */
public interface Job {
    /** Its name in the database; work that waits is found again by it. */
    String name();

    void run(UUID subject);

    /** Whether nobody waits for it: then it lets others go first. */
    default boolean canWait() {
        return false;
    }
}
