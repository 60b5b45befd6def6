package notchbook.core.view;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How a view shows things: its shape; the words and values that it is narrowed to; what it sorts by; what it groups, counts or colours
 * by; what a chart adds up and is drawn as, bars where nothing is said; and which details are seen. Details go by their keys.
 */
public record Look(
        Shape shape,
        String words,
        Map<String, List<String>> only,
        List<Sort> sorts,
        Optional<String> by,
        Chart.Height height,
        Optional<Chart.Drawn> drawn,
        Optional<String> number,
        List<String> shown) {
    private static final int LONGEST_WORDS = 200;
    private static final int MOST_SORTS = 5;
    private static final int MOST_DETAILS = 60;
    private static final int MOST_VALUES = 200;
    private static final int LONGEST_VALUE = 200;

    /** Which things it lets be seen. */
    public Narrowing narrowing() {
        return new Narrowing(
                Arrays.stream(words.toLowerCase(Locale.ROOT).split("\\s+"))
                        .filter(word -> !word.isEmpty())
                        .toList(),
                only.entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, wish -> Set.copyOf(wish.getValue()))));
    }

    /** Those of some details that it lets be seen: all where none of them was chosen, else the chosen ones and those that it sorts, narrows, groups or adds up by. */
    public Set<String> seenOf(Collection<String> details) {
        if (details.stream().noneMatch(shown::contains)) {
            return Set.copyOf(details);
        }
        return details.stream()
                .filter(detail -> shown.contains(detail)
                        || only.containsKey(detail)
                        || by.filter(detail::equals).isPresent()
                        || number.filter(detail::equals).isPresent()
                        || sorts.stream().anyMatch(sort -> sort.detail().equals(detail)))
                .collect(Collectors.toSet());
    }

    /** A detail that is sorted by. */
    public record Sort(String detail, boolean isFalling) {}

    public Look {
        only = Map.copyOf(only);
        sorts = List.copyOf(sorts);
        shown = List.copyOf(shown);
        if (words.length() > LONGEST_WORDS) {
            throw new IllegalArgumentException("Narrow a view by up to 200 characters.");
        }
        if (sorts.size() > MOST_SORTS) {
            throw new IllegalArgumentException("A view sorts by up to 5 details.");
        }
        if (shown.size() > MOST_DETAILS || only.size() > MOST_DETAILS) {
            throw new IllegalArgumentException("A view shows up to 60 details.");
        }
        if (only.values().stream()
                .anyMatch(values -> values.size() > MOST_VALUES
                        || values.stream().anyMatch(value -> value.length() > LONGEST_VALUE))) {
            throw new IllegalArgumentException("A view is narrowed to up to 200 values of a detail.");
        }
    }
}
