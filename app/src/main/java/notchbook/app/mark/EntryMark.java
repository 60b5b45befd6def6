package notchbook.app.mark;

import java.util.UUID;
import notchbook.core.mark.Mark;

/** A mark with the entry that it stands on. */
public record EntryMark(UUID entryId, Mark mark) {}
