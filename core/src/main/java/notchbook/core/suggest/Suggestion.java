package notchbook.core.suggest;

import java.util.List;
import java.util.UUID;

/**
 * A point that an entry may be about: how much of what its statement tells is in the entry, from 0 to 1, and the entry's own
 * words that say so, as they are written there.
 */
public record Suggestion(UUID point, double share, List<String> words) {}
