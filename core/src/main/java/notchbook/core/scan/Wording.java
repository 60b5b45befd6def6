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

    /** Of two photos of a page of handwriting four words in five are read alike, of print nearly all. */
    private static final double SAME_SHARE = 0.75;

    /** Headings and instructions are less than half of a sheet. */
    private static final double OTHER_SHARE = 0.5;

    /** Two sheets of sums may differ in nothing but their numbers; a page number and a date are no sums. */
    private static final int FEWEST_NUMBERS = 4;

    /** By the words that were read on each; pages on which little can be read are taken to be what they look like. */
    static Wording of(String one, String other) {
        var words = words(one);
        var others = words(other);
        if (Math.min(words.size(), others.size()) < FEWEST_WORDS) {
            return SAME;
        }
        var share = share(words, others);
        if (share < OTHER_SHARE) {
            return OTHER;
        }
        return share >= SAME_SHARE && haveTheSameNumbers(numbers(words), numbers(others)) ? SAME : UNSURE;
    }

    private static boolean haveTheSameNumbers(List<String> numbers, List<String> others) {
        return Math.min(numbers.size(), others.size()) < FEWEST_NUMBERS || share(numbers, others) >= SAME_SHARE;
    }

    /** Of the words where there are fewer, how many are among the others too. */
    private static double share(List<String> one, List<String> other) {
        return one.size() <= other.size()
                ? shared(one, other) / (double) one.size()
                : shared(other, one) / (double) other.size();
    }

    private static List<String> numbers(List<String> words) {
        return words.stream().filter(word -> word.matches("\\d+")).toList();
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
