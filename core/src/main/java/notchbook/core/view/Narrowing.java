package notchbook.core.view;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which things of a collection are seen: those that hold all these words (in small letters) and of each named detail one of its values;
 * an empty value stands for things that lack the detail.
 */
public record Narrowing(List<String> words, Map<String, Set<String>> values) {
    public static final String MISSING = "";

    public List<Thing> of(List<Thing> things) {
        return things.stream().filter(this::holds).toList();
    }

    private boolean holds(Thing thing) {
        return words.stream().allMatch(thing.words()::contains)
                && values.entrySet().stream().allMatch(wish -> isOneOf(wish.getValue(), thing.of(wish.getKey())));
    }

    private static boolean isOneOf(Set<String> wished, List<String> there) {
        return there.isEmpty() ? wished.contains(MISSING) : there.stream().anyMatch(wished::contains);
    }
}
