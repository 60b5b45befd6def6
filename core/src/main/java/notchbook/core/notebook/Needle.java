package notchbook.core.notebook;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.syllabus.Edition;

/**
 * Which entries a needle lifts out of the stack: those notched at any of its points or topics, or at all of them. A topic
 * stands for itself and for every point below it. Without kinds every kind is lifted; both days are included.
 */
public final class Needle {
    /** What is asked for beside the points: all of them or any, which kinds, from which day to which. */
    public record Wish(boolean all, Set<EvidenceKind> kinds, Optional<LocalDate> from, Optional<LocalDate> to) {
        public static final Wish ANY = new Wish(false, Set.of(), Optional.empty(), Optional.empty());
    }

    private final List<Set<UUID>> holes;
    private final Wish wish;

    private Needle(List<Set<UUID>> holes, Wish wish) {
        this.holes = holes;
        this.wish = wish;
    }

    public static Needle of(Edition edition, Set<UUID> nodes, Wish wish) {
        return new Needle(nodes.stream().map(edition::linesUnder).toList(), wish);
    }

    public boolean lifts(Set<UUID> notches, EvidenceKind kind, LocalDate day) {
        var isThrough = wish.all()
                ? holes.stream().allMatch(hole -> isCut(hole, notches))
                : holes.stream().anyMatch(hole -> isCut(hole, notches));
        return isThrough
                && (wish.kinds().isEmpty() || wish.kinds().contains(kind))
                && wish.from().filter(day::isBefore).isEmpty()
                && wish.to().filter(day::isAfter).isEmpty();
    }

    private static boolean isCut(Set<UUID> hole, Set<UUID> notches) {
        return notches.stream().anyMatch(hole::contains);
    }
}
