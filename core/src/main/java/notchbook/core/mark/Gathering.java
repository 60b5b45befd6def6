package notchbook.core.mark;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/** The marks of one or more notebooks, gathered: those that are wanted, open ones first, then the newest. */
public final class Gathering {
    private Gathering() {}

    /** A mark and what it stands on; {@code topics} are those that this is notched to, else those of its section. */
    public record Placed(Mark mark, UUID on, Set<UUID> topics, LocalDate monday) {}

    /** What is wanted; each part that is left out wants all. {@code own} is one of the student's own kinds. */
    public record Wish(
            Optional<MarkKind> kind,
            Optional<UUID> own,
            Optional<UUID> topic,
            Optional<LocalDate> monday,
            Optional<Boolean> isOpen) {
        public static final Wish ALL =
                new Wish(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        public static Wish all(MarkKind kind) {
            return new Wish(Optional.of(kind), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
        }

        boolean takes(Placed placed) {
            var mark = placed.mark();
            return holds(kind, wanted -> wanted == MarkKind.of(mark))
                    && holds(
                            own,
                            wanted -> mark instanceof Mark.Own its && its.kind().equals(wanted))
                    && holds(topic, placed.topics()::contains)
                    && holds(monday, placed.monday()::equals)
                    && holds(isOpen, wanted -> mark.isOpen() == wanted && hasState(mark));
        }

        /** A key mark is neither open nor done, so asking for either leaves it out. */
        private static boolean hasState(Mark mark) {
            return mark instanceof Mark.OpenQuestion || mark instanceof Mark.Task;
        }

        private static <T> boolean holds(Optional<T> wanted, Predicate<T> test) {
            return wanted.isEmpty() || test.test(wanted.get());
        }
    }

    public static List<Placed> of(List<Placed> all, Wish wish) {
        return all.stream()
                .filter(wish::takes)
                .sorted(Comparator.comparing((Placed placed) -> !placed.mark().isOpen())
                        .thenComparing(placed -> placed.mark().madeAt(), Comparator.reverseOrder()))
                .toList();
    }
}
