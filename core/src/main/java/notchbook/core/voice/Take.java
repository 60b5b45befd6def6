package notchbook.core.voice;

import static java.util.stream.Collectors.joining;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/**
 * What is known of a recording or a clip beside its sound: the moments that were marked, the stretches between its pauses,
 * the words that are said, what it explains, what was trimmed off, and the moment of a clip that stands for it, in ms.
 */
public record Take(
        List<Moment> moments,
        List<Stretch> stretches,
        SpokenLines lines,
        Optional<About> about,
        Optional<Trim> trim,
        OptionalLong posterMillis) {
    private static final int MOST_MOMENTS = 500;
    private static final int MOST_STRETCHES = 1_000;

    public Take {
        if (moments.size() > MOST_MOMENTS || stretches.size() > MOST_STRETCHES) {
            throw new IllegalArgumentException("A recording has at most 500 moments and 1,000 parts.");
        }
        if (moments.stream().map(Moment::id).distinct().count() < moments.size()) {
            throw new IllegalArgumentException("Two moments of this recording have the same id.");
        }
        if (posterMillis.isPresent() && posterMillis.getAsLong() < 0) {
            throw new IllegalArgumentException("The picture of a clip can't lie before its start.");
        }
        moments =
                moments.stream().sorted(Comparator.comparing(Moment::atMillis)).toList();
        stretches = List.copyOf(stretches);
    }

    /** As it was recorded, with nothing said of it yet. */
    public static Take recorded(List<Moment> moments, List<Stretch> stretches) {
        return new Take(moments, stretches, SpokenLines.NONE, Optional.empty(), Optional.empty(), OptionalLong.empty());
    }

    /** The names of its moments and what is said in it, to find it by. */
    public String words() {
        return Stream.concat(moments.stream().map(Moment::name), Stream.of(lines.words()))
                .filter(words -> !words.isBlank())
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

    /** Whether something that was made at a time (in ms since 1970) was there before this recording began. */
    public boolean beginsAfter(long madeAtMillis) {
        return !stretches.isEmpty() && madeAtMillis < stretches.getFirst().startedAtMillis();
    }
}
