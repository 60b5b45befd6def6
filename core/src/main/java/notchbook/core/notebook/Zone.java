package notchbook.core.notebook;

import java.util.Optional;
import java.util.Set;
import notchbook.core.text.WordRange;

/**
 * A region of a page. {@code kinds} are those of which it asks for one, none if any will do; {@code words} is how many it
 * asks for over all its typed entries.
 */
public record Zone(
        String key, Role role, String title, String prompt, Optional<WordRange> words, Set<EvidenceKind> kinds) {
    public static final int LONGEST_TITLE = 60;
    public static final int LONGEST_PROMPT = 300;

    /** Where a zone stands: in the middle, in a column before or after it, at the foot, or as a box in the flow. */
    public enum Role {
        MAIN,
        CUES,
        MARGIN,
        SUMMARY,
        BOX
    }

    public Zone {
        require(key.matches("[a-z0-9-]{1,40}"), "A zone can't be known as \"" + key + "\".");
        require(!title.isBlank() && title.length() <= LONGEST_TITLE, "Give each zone a title of up to 60 characters.");
        require(prompt.length() <= LONGEST_PROMPT, "A prompt has up to 300 characters.");
        kinds = Set.copyOf(kinds);
    }

    private static void require(boolean holds, String message) {
        if (!holds) {
            throw new IllegalArgumentException(message);
        }
    }
}
