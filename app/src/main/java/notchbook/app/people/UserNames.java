package notchbook.app.people;

import static java.util.Locale.ROOT;

import java.text.Normalizer;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Names to sign in with, made of full names. */
final class UserNames {
    /** Room for a figure within the 60 letters that such a name may have. */
    private static final int LONGEST = 50;

    /** What stands before a name and is none of it. */
    private static final Pattern TITLE = Pattern.compile("^(?:mr|mrs|ms|miss|mx|dr|prof|sir) (?=\\S)");

    private UserNames() {}

    /** The first name, else with the first letter of the last one, else the whole, else with a figure: the first that is free. */
    static String free(String fullName, Predicate<String> isTaken) {
        var words = TITLE.matcher(plain(fullName)).replaceFirst("").split(" ");
        var first = words[0].isEmpty() ? "person" : words[0];
        var last = words[words.length - 1];
        var whole = words.length == 1 ? first : first + "." + last;
        return Stream.concat(
                        Stream.of(first, words.length == 1 ? first : first + last.charAt(0), whole),
                        IntStream.iterate(2, i -> i + 1).mapToObj(i -> whole + i))
                .filter(name -> name.length() > 1 && !isTaken.test(name))
                .findFirst()
                .orElseThrow();
    }

    /** Small letters without accents, one space between words. */
    private static String plain(String name) {
        var plain = Normalizer.normalize(name, Normalizer.Form.NFKD)
                .toLowerCase(ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", " ")
                .strip();
        return plain.substring(0, Math.min(LONGEST, plain.length())).strip();
    }
}
