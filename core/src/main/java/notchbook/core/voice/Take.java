package notchbook.core.voice;

import static java.util.stream.Collectors.joining;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalLong;

/** What is known of a recording beside its sound: the moments that were marked, and the stretches between its pauses. */
public record Take(List<Moment> moments, List<Stretch> stretches) {
    private static final int MOST_MOMENTS = 500;
    private static final int MOST_STRETCHES = 1_000;

    public Take {
        if (moments.size() > MOST_MOMENTS || stretches.size() > MOST_STRETCHES) {
            throw new IllegalArgumentException("A recording has at most 500 moments and 1,000 parts.");
        }
        if (moments.stream().map(Moment::id).distinct().count() < moments.size()) {
            throw new IllegalArgumentException("Two moments of this recording have the same id.");
        }
        moments =
                moments.stream().sorted(Comparator.comparing(Moment::atMillis)).toList();
        stretches = List.copyOf(stretches);
    }

    /** The names of its moments, to find it by. */
    public String words() {
        return moments.stream()
                .map(Moment::name)
                .filter(name -> !name.isBlank())
                .collect(joining(" "));
    }

    /**
     * The moment of the sound, in ms, that belongs to something that was made at a time (in ms since 1970) while it was
     * recorded. Pauses do not shift moments: what is made in one belongs to the moment at which the pause began. Empty
     * before the first stretch and after the last.
     */
    public OptionalLong momentOf(long madeAtMillis) {
        var before = 0L;
        for (var i = 0; i < stretches.size(); i++) {
            var stretch = stretches.get(i);
            if (madeAtMillis < stretch.startedAtMillis()) {
                return i == 0 ? OptionalLong.empty() : OptionalLong.of(before);
            }
            if (madeAtMillis <= stretch.endedAtMillis()) {
                return OptionalLong.of(before + madeAtMillis - stretch.startedAtMillis());
            }
            before += stretch.lengthMillis();
        }
        return OptionalLong.empty();
    }
}
