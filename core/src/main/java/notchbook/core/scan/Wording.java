package notchbook.core.scan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Whether two pages that look alike say the same: two practice sheets share their layout and not their questions
 * (docs/rules.md, Order of photos).
 */
enum Wording {
    SAME,
    UNSURE,
    OTHER;

    /** Of fewer words nothing is told: a page of handwriting has some that were read, and those at random. */
    private static final int FEWEST_WORDS = 12;

    /** Of two photos of one page most of what was read on the one was read on the other too. */
    private static final double SAME_SHARE = 0.85;

    /** Headings and instructions are less than half of a sheet. */
    private static final double OTHER_SHARE = 0.5;

    /** By the words that were read on each; pages on which little can be read are taken to be what they look like. */
    static Wording of(String one, String other) {
        var fewer = words(one);
        var more = words(other);
        if (fewer.size() > more.size()) {
            var swapped = fewer;
            fewer = more;
            more = swapped;
        }
        if (fewer.size() < FEWEST_WORDS) {
            return SAME;
        }
        var share = shared(fewer, more) / (double) fewer.size();
        if (share >= SAME_SHARE) {
            return SAME;
        }
        return share < OTHER_SHARE ? OTHER : UNSURE;
    }

    /** How many of these words are there too, each as often as it is there. */
    private static int shared(List<String> words, List<String> others) {
        var left = new ArrayList<>(others);
        return (int) words.stream().filter(left::remove).count();
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
