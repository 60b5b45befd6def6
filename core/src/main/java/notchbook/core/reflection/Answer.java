package notchbook.core.reflection;

import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What a sheet answers to a prompt: its words, what was given of what it asks for beside them (blank where nothing), the work that was
 * drawn into it, and the recordings and drawings that were made as the answer itself.
 */
public record Answer(String words, String given, List<UUID> pieces, List<UUID> made) {
    public static final Answer NONE = new Answer("", "", List.of(), List.of());

    private static final int LONGEST = 20_000;
    private static final int MOST_PIECES = 100;

    public Answer {
        if (words.length() > LONGEST) {
            throw new IllegalArgumentException("An answer has up to 20,000 characters. Make it shorter.");
        }
        if (pieces.size() + made.size() > MOST_PIECES) {
            throw new IllegalArgumentException("Up to 100 pieces can be drawn into one answer. Take some out.");
        }
        pieces = List.copyOf(pieces);
        made = List.copyOf(made);
    }

    public static Answer of(String words) {
        return new Answer(words, "", List.of(), List.of());
    }

    /** One for each prompt, none of them written. */
    public static List<Answer> noneOf(List<Prompt> prompts) {
        return Collections.nCopies(prompts.size(), NONE);
    }

    /** All that stands with its words: what was drawn in, then what was made for it. */
    public List<UUID> shown() {
        return Stream.concat(pieces.stream(), made.stream()).distinct().toList();
    }

    public boolean hasNothing() {
        return words.isBlank() && given.isBlank() && made.isEmpty();
    }
}
