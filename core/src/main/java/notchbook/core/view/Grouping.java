package notchbook.core.view;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;

/**
 * Things in groups by the values of a detail, in the order of these values; each group keeps the order of its things. A thing with
 * several values stands in each of their groups and counts once in the whole; what has none stands apart.
 */
public record Grouping(List<Group> groups, List<Thing> without, int count) {

    public static Grouping of(List<Thing> things, By by, Comparator<String> words) {
        var byValue = new TreeMap<String, List<Thing>>(by.scale().order(words));
        var without = new ArrayList<Thing>();
        for (var thing : things) {
            var values = thing.of(by.detail());
            if (values.isEmpty()) {
                without.add(thing);
            }
            values.stream().distinct().forEach(value -> byValue.computeIfAbsent(value, any -> new ArrayList<>())
                    .add(thing));
        }
        return new Grouping(
                byValue.entrySet().stream()
                        .map(group -> new Group(group.getKey(), group.getValue()))
                        .toList(),
                without,
                things.size());
    }
}
