package notchbook.core.text;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Merges two changes of one list. What only one side changed is taken from it; where both changed the same place, what becomes
 * of it is asked of {@code both}. What is put in right beside another change counts as the same place.
 *
 * <p>After Khanna, Kunal and Pierce, A Formal Investigation of Diff3 (2007).
 */
final class ThreeWay<T> {
    private final Both<T> both;

    ThreeWay(Both<T> both) {
        this.both = both;
    }

    /** Makes one of what both sides made of the same part; empty when nobody can. */
    interface Both<T> {
        Optional<List<T>> merge(List<T> base, List<T> mine, List<T> theirs);
    }

    /** Items of the base from {@code from} to before {@code to} that one side has replaced. */
    private record Change<T>(int from, int to, List<T> now, boolean isMine) {}

    Optional<List<T>> merge(List<T> base, List<T> mine, List<T> theirs) {
        var changes = Stream.concat(changes(base, mine, true), changes(base, theirs, false))
                .sorted(Comparator.comparingInt((Change<T> change) -> change.from())
                        .thenComparingInt(Change::to))
                .toList();
        var merged = new ArrayList<T>();
        var at = 0;
        for (var first = 0; first < changes.size(); ) {
            var last = endOfPlace(changes, first);
            var place = changes.subList(first, last);
            var from = place.getFirst().from();
            var to = place.stream().mapToInt(Change::to).max().orElse(from);
            merged.addAll(base.subList(at, from));
            var part = place(
                    base.subList(from, to), side(base, place, from, to, true), side(base, place, from, to, false));
            if (part.isEmpty()) {
                return Optional.empty();
            }
            merged.addAll(part.get());
            at = to;
            first = last;
        }
        merged.addAll(base.subList(at, base.size()));
        return Optional.of(merged);
    }

    private static <T> Stream<Change<T>> changes(List<T> base, List<T> side, boolean isMine) {
        return DiffUtils.diff(base, side).getDeltas().stream().map(delta -> change(delta, isMine));
    }

    private static <T> Change<T> change(AbstractDelta<T> delta, boolean isMine) {
        var source = delta.getSource();
        return new Change<>(
                source.getPosition(),
                source.getPosition() + source.size(),
                delta.getTarget().getLines(),
                isMine);
    }

    /** A place goes on as long as one side's change touches the other's. */
    private static <T> int endOfPlace(List<Change<T>> changes, int first) {
        var to = changes.get(first).to();
        var next = first + 1;
        while (next < changes.size() && meets(changes.get(next - 1), changes.get(next), to)) {
            to = Math.max(to, changes.get(next).to());
            next++;
        }
        return next;
    }

    private static boolean meets(Change<?> last, Change<?> next, int to) {
        var isPutIn = next.from() == next.to() || last.from() == last.to();
        return next.from() < to || isPutIn && next.from() == to;
    }

    /** What a side has in the place of the base from {@code from} to {@code to}. */
    private static <T> List<T> side(List<T> base, List<Change<T>> place, int from, int to, boolean isMine) {
        var side = new ArrayList<T>();
        var at = from;
        for (var change : place) {
            if (change.isMine() == isMine) {
                side.addAll(base.subList(at, change.from()));
                side.addAll(change.now());
                at = change.to();
            }
        }
        side.addAll(base.subList(at, to));
        return side;
    }

    private Optional<List<T>> place(List<T> base, List<T> mine, List<T> theirs) {
        if (mine.equals(theirs) || theirs.equals(base)) {
            return Optional.of(mine);
        }
        return mine.equals(base) ? Optional.of(theirs) : both.merge(base, mine, theirs);
    }
}
