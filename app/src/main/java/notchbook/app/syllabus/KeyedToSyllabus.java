package notchbook.app.syllabus;

import java.util.Map;
import java.util.UUID;

/** What a room keeps of a notebook by points or topics: it goes along when the notebook moves to another edition. */
public interface KeyedToSyllabus {
    /** Puts each line of the map's keys in a notebook under the line that it became; what is under others stays. */
    void rekey(UUID notebookId, Map<UUID, UUID> lines);
}
