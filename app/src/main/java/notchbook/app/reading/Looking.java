package notchbook.app.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import notchbook.core.view.Chart;
import notchbook.core.view.Look;
import notchbook.core.view.Shape;

/** How a reader wants to look at a collection: narrowed to words, sorted, and in groups by a detail; each blank where they do not mind. */
public record Looking(String words, String sort, boolean isFalling, String by) {
    public static final Looking AS_IT_IS = new Looking("", "", false, "");

    private static final int LONGEST_WORDS = 200;

    public Looking {
        words = words.strip();
        words = words.substring(0, Math.min(LONGEST_WORDS, words.length()));
    }

    boolean isAsItIs() {
        return words.isEmpty() && sort.isEmpty() && by.isEmpty();
    }

    Look look() {
        return new Look(
                by.isEmpty() ? Shape.LIST : Shape.GROUPS,
                words,
                Map.of(),
                sort.isEmpty() ? List.of() : List.of(new Look.Sort(sort, isFalling)),
                Optional.of(by).filter(key -> !key.isEmpty()),
                Chart.Height.COUNT,
                Optional.empty(),
                Optional.empty(),
                List.of());
    }
}
