package notchbook.core.version;

import java.util.List;
import java.util.UUID;

/** What became of an entry from one version to the next; {@code isMoved} when it stands elsewhere among those that stayed. */
public record EntryChange(UUID entry, Kind kind, boolean isMoved, boolean isCaptionChanged, Detail detail) {
    public enum Kind {
        ADDED,
        TAKEN_OUT,
        CHANGED,
        SAME
    }

    /** What exactly changed within it. */
    public sealed interface Detail {}

    public record Nothing() implements Detail {}

    public record Words(TextChange change) implements Detail {}

    /** Strokes by their places in the old drawing and in the new one. */
    public record Strokes(List<Integer> gone, List<Integer> come) implements Detail {}

    /** Pictures by their places in the old set and in the new one; {@code written} are new places where only what is on top changed. */
    public record Pictures(List<Integer> gone, List<Integer> come, List<Integer> written) implements Detail {}

    /** Another sound, clip, file or link in its place. */
    public record Replaced() implements Detail {}

    public boolean isAnything() {
        return kind != Kind.SAME || isMoved;
    }
}
