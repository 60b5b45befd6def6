package notchbook.core.collection;

import static java.util.Comparator.comparing;
import static java.util.Comparator.comparingInt;
import static java.util.stream.Collectors.toMap;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/** The values that were used before, to be offered again: those of this collection first, the most used of each first. */
public final class UsedValues {
    private UsedValues() {}

    /** {@code here} and {@code elsewhere} are the values of all things, as often as they are used; each comes once. */
    public static List<String> offered(List<String> here, List<String> elsewhere) {
        var once = new LinkedHashMap<String, String>();
        Stream.of(here, elsewhere)
                .flatMap(values -> mostUsed(values).stream())
                .forEach(value -> once.putIfAbsent(value.toLowerCase(Locale.ROOT), value));
        return List.copyOf(once.values());
    }

    private static List<String> mostUsed(List<String> values) {
        var counts = values.stream().collect(toMap(value -> value, value -> 1, Integer::sum, LinkedHashMap::new));
        return counts.entrySet().stream()
                .sorted(comparingInt((Map.Entry<String, Integer> one) -> -one.getValue())
                        .thenComparing(comparing(Map.Entry::getKey)))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** A thing's values of a detail after some of them were merged into one, or that one was given another name. */
    public static List<String> merged(List<String> values, List<String> from, String into) {
        var merged = new LinkedHashSet<String>();
        values.forEach(value -> merged.add(from.contains(value) ? into : value));
        return List.copyOf(merged);
    }
}
