package notchbook.core.review;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** Cues that were asked in one go, each known or not yet. */
public record Round(List<Asked> asked) {
    public record Asked(UUID cue, boolean isKnown, Set<UUID> topics) {}

    /** The topics that count as looked at again (docs/rules.md, Revisit): those of which every cue that was asked was known. */
    public Set<UUID> lookedAgain() {
        var known = new HashSet<UUID>();
        asked.stream().filter(Asked::isKnown).forEach(cue -> known.addAll(cue.topics()));
        asked.stream().filter(cue -> !cue.isKnown()).forEach(cue -> known.removeAll(cue.topics()));
        return Set.copyOf(known);
    }
}
