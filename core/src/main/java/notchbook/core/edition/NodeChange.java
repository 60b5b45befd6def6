package notchbook.core.edition;

import java.util.Optional;
import notchbook.core.syllabus.SyllabusNode;

/** A line of one edition with its counterpart in another; one that only one of them has stands alone. */
public record NodeChange(Kind kind, Optional<SyllabusNode> before, Optional<SyllabusNode> after) {
    /** What became of it; a line that was both reworded and moved is reworded, which is what asks for a look. */
    public enum Kind {
        SAME,
        REWORDED,
        MOVED,
        ADDED,
        DROPPED
    }

    /** The line as the later edition has it, else as the earlier one had it. */
    public SyllabusNode node() {
        return after.or(this::before).orElseThrow();
    }
}
