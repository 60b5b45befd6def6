package notchbook.core.handin;

import java.util.UUID;

/** One line of the check before a hand-in: how it came out, in words, and the place that mends it. */
public record CheckLine(Outcome outcome, String words, Place mend) {
    public enum Outcome {
        PASSES,
        WARNS,
        BLOCKS
    }

    /** Where a student goes to mend a line. */
    public sealed interface Place {}

    /** Nothing to mend. */
    public record Nowhere() implements Place {}

    /** A new or existing entry has to be notched to this point. */
    public record ToPoint(UUID point, String code) implements Place {}

    public record ToEntry(UUID page, UUID entry) implements Place {}

    public record ToPage(UUID page) implements Place {}

    /** The reflection sheet of a teaching week. */
    public record ToReflection(int week) implements Place {}

    /** A page of the book. */
    public record ToBookPage(UUID page) implements Place {}

    /** Pictures and sounds are sent smaller; what the student has stays as it is. */
    public record MakeFit() implements Place {}

    static CheckLine passes(String words) {
        return new CheckLine(Outcome.PASSES, words, new Nowhere());
    }

    static CheckLine warns(String words, Place mend) {
        return new CheckLine(Outcome.WARNS, words, mend);
    }

    static CheckLine blocks(String words, Place mend) {
        return new CheckLine(Outcome.BLOCKS, words, mend);
    }
}
