package notchbook.core.scan;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.scan.PhotoOrder.Known;
import notchbook.core.scan.PhotoOrder.Reason;

/**
 * The photos on the scan bench as the set that they would make: their order, and which are left out. Of photos that show
 * the same page the best one stays (docs/rules.md, Order of photos); what the student left out or took in stands. Where it
 * is not sure that two show the same page, both stay and {@code maybeOf} names the one that the student is asked about.
 */
public record Bench(
        List<UUID> order, Set<UUID> leftOut, Map<UUID, UUID> againOf, Map<UUID, UUID> maybeOf, Reason reason) {
    /**
     * A photo on the bench. Photos of one {@code page} look as if they showed the same page, {@code words} are what was read
     * there; {@code quality} runs from 0 to 1; {@code wish} is what the student said of it: true for left out, false for
     * taken in.
     */
    public record Shot(Known known, UUID page, String words, double quality, Optional<Boolean> wish) {}

    /** Photos as they arrived. {@code againOf} names, for a photo left out as shown twice, the one that stays. */
    public static Bench of(List<Shot> arrived) {
        var againOf = besides(arrived, Wording.SAME);
        var order = PhotoOrder.of(arrived.stream().map(Shot::known).toList());
        var out = arrived.stream()
                .filter(shot -> shot.wish().orElse(againOf.containsKey(id(shot))))
                .map(Bench::id)
                .collect(toSet());
        return new Bench(order.ids(), out, againOf, besides(arrived, Wording.UNSURE), order.reason());
    }

    /** The photos that make the set, in order. */
    public List<UUID> kept() {
        return order.stream().filter(id -> !leftOut.contains(id)).toList();
    }

    /** The photos that look like a better one and say the same, or perhaps the same; the student is asked once. */
    private static Map<UUID, UUID> besides(List<Shot> arrived, Wording wording) {
        return arrived.stream().collect(groupingBy(Shot::page)).values().stream()
                .flatMap(same -> best(same).stream()
                        .filter(best -> wording == Wording.SAME || best.wish().isEmpty())
                        .flatMap(best -> same.stream()
                                .filter(shot -> shot != best && shot.wish().isEmpty())
                                .filter(shot -> Wording.of(shot.words(), best.words()) == wording)
                                .map(shot -> Map.entry(id(shot), id(best)))))
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** The one that stays: one that the student took in, else the best of those that were not left out. */
    private static Optional<Shot> best(List<Shot> same) {
        return same.stream()
                .filter(shot -> !shot.wish().orElse(false))
                .max(Comparator.<Shot, Boolean>comparing(shot -> shot.wish().isPresent())
                        .thenComparing(Shot::quality)
                        // Of equals the first stays: max gives the last one.
                        .thenComparing(shot -> -same.indexOf(shot)));
    }

    private static UUID id(Shot shot) {
        return shot.known().id();
    }
}
