package notchbook.app.setwork;

import java.util.Set;
import java.util.UUID;

/** Whoever knows what students have made. */
public interface Beginnings {
    /** The students of its class who have begun what set work asks, whether or not it is asked of them. */
    Set<UUID> of(SetWork work);
}
