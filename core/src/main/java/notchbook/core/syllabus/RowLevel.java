package notchbook.core.syllabus;

import java.util.Locale;
import java.util.Optional;

/** What a table says a row is: how deep it stands, from 1, and whether it is a point where the table has a word for it. */
public record RowLevel(int depth, Optional<Boolean> isPoint) {
    /** Below everything that has a name of its own. */
    private static final int DEEPEST = 9;

    /** Reads a word such as "topic" or a number; empty when it says neither. */
    public static Optional<RowLevel> of(String written) {
        var word = written.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", "");
        return switch (word) {
            case "unit", "module", "part", "chapter" -> Optional.of(new RowLevel(1, Optional.of(false)));
            case "topic", "section" -> Optional.of(new RowLevel(2, Optional.of(false)));
            case "subtopic", "subsection" -> Optional.of(new RowLevel(3, Optional.of(false)));
            case "point", "statement", "outcome", "learningoutcome", "objective", "item" ->
                Optional.of(new RowLevel(DEEPEST, Optional.of(true)));
            default ->
                word.matches("[1-9]")
                        ? Optional.of(new RowLevel(Integer.parseInt(word), Optional.empty()))
                        : Optional.empty();
        };
    }
}
