package notchbook.core.group;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * A class split into groups by lot. Their sizes differ by one at most and are as near to the wished one as they go; nobody is left
 * alone by it.
 */
public final class Split {
    /** No group is smaller, unless the class is. */
    public static final int SMALLEST = 2;

    private Split() {}

    /** The same lot gives the same groups. An {@link IllegalArgumentException} says which sizes there are. */
    public static <T> List<List<T>> of(List<T> all, int size, Random lot) {
        if (size < SMALLEST || size > Math.max(SMALLEST, all.size())) {
            throw new IllegalArgumentException("Groups have 2 to %d people in this class.".formatted(all.size()));
        }
        var shuffled = new ArrayList<>(all);
        Collections.shuffle(shuffled, lot);
        var count = count(all.size(), size);
        return IntStream.range(0, count)
                .mapToObj(group -> List.copyOf(
                        shuffled.subList(from(group, count, all.size()), from(group + 1, count, all.size()))))
                .filter(group -> !group.isEmpty())
                .toList();
    }

    /** As many groups as bring their sizes nearest to the wish, halves upwards, but none of one alone. */
    private static int count(int people, int size) {
        var nearest = Math.round((float) people / size);
        return Math.clamp(nearest, 1, Math.max(1, people / SMALLEST));
    }

    private static int from(int group, int count, int people) {
        return (int) ((long) group * people / count);
    }
}
