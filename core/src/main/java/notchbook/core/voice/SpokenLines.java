package notchbook.core.voice;

import static java.util.Comparator.comparingLong;
import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;

/** All that is said, in order of time. */
public record SpokenLines(List<SpokenLine> all) {
    public static final SpokenLines NONE = new SpokenLines(List.of());

    /** Two hours of quick talk, a line every two seconds. */
    private static final int MOST = 5_000;

    /** A line that was tapped and has none after it stays this long, in ms. */
    static final int LAST = 6_000;

    /** A line gets no shorter than this by a tap, in ms: it could not be read. */
    static final int SHORTEST = 300;

    public SpokenLines {
        if (all.size() > MOST) {
            throw new IllegalArgumentException("A recording has at most 5,000 lines of words.");
        }
        all = all.stream().sorted(comparingLong(SpokenLine::fromMillis)).toList();
    }

    /** The words of all lines, to find the recording by. */
    public String words() {
        return all.stream().map(SpokenLine::words).collect(joining("\n"));
    }

    /** What is said at a moment: usually one line, more where people talk at once. */
    public List<SpokenLine> at(long millis) {
        return all.stream().filter(line -> line.isSaidAt(millis)).toList();
    }

    /**
     * With one more line that was tapped in at a moment: it lasts until the next line begins, or {@link #LAST} ms but not
     * beyond the end of the sound ({@code lengthMillis}); the line that was said until then ends there.
     */
    public SpokenLines tapped(long millis, String words, long lengthMillis) {
        var next = all.stream()
                .mapToLong(SpokenLine::fromMillis)
                .filter(from -> from > millis)
                .findFirst();
        var end = next.orElse(Math.max(millis + SHORTEST, Math.min(millis + LAST, lengthMillis)));
        var tapped = new SpokenLine(millis, end, words);
        var lines = new ArrayList<SpokenLine>();
        all.forEach(line -> lines.add(line.before(tapped)));
        lines.add(tapped);
        return new SpokenLines(lines);
    }
}
