package notchbook.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** The levels that are open at a place in a document, each under the one before it. */
final class OpenLevels {
    private final List<Open> levels = new ArrayList<>();

    void open(Open level) {
        levels.add(level);
    }

    int depth() {
        return levels.size();
    }

    boolean isEmpty() {
        return levels.isEmpty();
    }

    Open deepest() {
        return levels.getLast();
    }

    /** The deepest that is no list. */
    Optional<Open> heading() {
        return last(one -> !one.isList());
    }

    Optional<Open> last(Predicate<Open> isWanted) {
        return levels.reversed().stream().filter(isWanted).findFirst();
    }

    Optional<Open> first(Predicate<Open> isWanted) {
        return levels.stream().filter(isWanted).findFirst();
    }

    boolean isAny(Predicate<Open> isWanted) {
        return levels.stream().anyMatch(isWanted);
    }

    void closeTo(int depth) {
        while (levels.size() > depth) {
            levels.removeLast();
        }
    }

    void closeWhile(Predicate<Open> isClosed) {
        while (!levels.isEmpty() && isClosed.test(levels.getLast())) {
            levels.removeLast();
        }
    }
}
