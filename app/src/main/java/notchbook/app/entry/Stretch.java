package notchbook.app.entry;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.time.Instant;
import java.util.Collection;
import java.util.Optional;
import java.util.TreeMap;

/** The months in which some of entries in order of time were made, and how many of that time come before them. */
record Stretch(Instant first, Instant last, int skipped) {
    /** The stretch of {@code most} entries from a place on that is counted from 0; none where there are not so many. */
    static Optional<Stretch> of(Collection<MonthSpan> spans, int from, int most) {
        var months = spans.stream()
                .collect(toMap(MonthSpan::month, identity(), MonthSpan::with, TreeMap::new))
                .values();
        Optional<Stretch> found = Optional.empty();
        var passed = 0;
        for (var month : months) {
            var before = passed;
            passed += month.count();
            if (passed > from && before < from + most) {
                found = Optional.of(found.map(begun -> new Stretch(begun.first, month.last(), begun.skipped))
                        .orElseGet(() -> new Stretch(month.first(), month.last(), from - before)));
            }
        }
        return found;
    }
}
