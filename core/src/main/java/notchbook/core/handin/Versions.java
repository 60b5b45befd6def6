package notchbook.core.handin;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import notchbook.core.setwork.Due;

/**
 * What was sent of one piece of work, the latest first (docs/rules.md, Work and its versions).
 *
 * @param <V> what a version is known by
 */
public record Versions<V>(List<Sent<V>> all) {
    /** A version with the time of the school at which it was sealed. */
    public record Sent<V>(V version, Purpose purpose, HandInState state, LocalDateTime at) {
        boolean counts() {
            return purpose == Purpose.HAND_IN;
        }
    }

    public Versions {
        all = List.copyOf(all);
    }

    /** The version that counts. */
    public Optional<V> latest() {
        return counting().stream().findFirst().map(Sent::version);
    }

    /** A draft that is later than any version that counts. */
    public Optional<V> draft() {
        return all.stream().findFirst().filter(sent -> !sent.counts()).map(Sent::version);
    }

    /** Whether the first that counts came too late: what is sent back is asked for anew, and can't be late again. */
    public boolean isLate(Due due) {
        var counting = counting();
        return !counting.isEmpty() && due.isPast(counting.getLast().at());
    }

    /** Whether it was handed in again and is still to be read. */
    public boolean isChanged() {
        var counting = counting();
        return counting.size() > 1 && !counting.getFirst().state().isReturned();
    }

    private List<Sent<V>> counting() {
        return all.stream().filter(Sent::counts).toList();
    }
}
