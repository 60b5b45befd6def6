package notchbook.core.view;

import static java.util.stream.Collectors.toCollection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Things by several details, the first of them counting most. What is equal in all of them stays in its order; what lacks a value comes
 * last, whichever way the others go; of several values the first counts. The source of the rule is the part on views in docs/rules.md.
 */
public final class Sorting {
    private static final int MISSING = Integer.MAX_VALUE;

    private Sorting() {}

    public static List<Thing> of(List<Thing> things, List<SortKey> keys, Comparator<String> words) {
        var order = keys.stream()
                .map(key -> by(things, key, words))
                .reduce(Comparator::thenComparing)
                .orElse((one, other) -> 0);
        var sorted = new ArrayList<>(things);
        sorted.sort(order);
        return sorted;
    }

    private static Comparator<Thing> by(List<Thing> things, SortKey key, Comparator<String> words) {
        var places = places(things, key.by(), words);
        Comparator<Thing> order =
                Comparator.comparingInt(thing -> places.getOrDefault(thing.id(), MISSING) * (key.isFalling() ? -1 : 1));
        return Comparator.<Thing>comparingInt(thing -> places.containsKey(thing.id()) ? 0 : 1)
                .thenComparing(order);
    }

    /** The place of each thing that has a value, by its id; equal values share one. */
    private static Map<String, Integer> places(List<Thing> things, By by, Comparator<String> words) {
        var order = by.scale().order(words);
        var values = things.stream()
                .flatMap(thing -> thing.of(by.detail()).stream().limit(1))
                .collect(toCollection(() -> new TreeSet<>(order)));
        var ranks = new HashMap<String, Integer>();
        values.forEach(value -> ranks.put(value, ranks.size()));
        var places = new HashMap<String, Integer>();
        for (var thing : things) {
            thing.of(by.detail()).stream()
                    .findFirst()
                    .ifPresent(value -> places.put(thing.id(), ranks.get(values.floor(value))));
        }
        return places;
    }
}
