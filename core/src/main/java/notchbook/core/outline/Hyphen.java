package notchbook.core.outline;

import static java.util.Locale.ROOT;
import static java.util.stream.Collectors.toUnmodifiableSet;

import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Joins what was broken at the end of a line: "wave-" and "length" is one word unless the text writes it with a hyphen. */
final class Hyphen {
    private static final Pattern HYPHENATED = Pattern.compile("\\p{L}+-\\p{L}+");

    private static final Pattern BROKEN = Pattern.compile("(?s).*?(\\p{L}+)-");

    private final Set<String> hyphenated;

    private Hyphen(Set<String> hyphenated) {
        this.hyphenated = hyphenated;
    }

    static Hyphen of(Stream<String> texts) {
        return new Hyphen(texts.flatMap(text -> HYPHENATED.matcher(text).results())
                .map(MatchResult::group)
                .map(word -> word.toLowerCase(ROOT))
                .collect(toUnmodifiableSet()));
    }

    String join(String before, String after) {
        if (before.isEmpty() || after.isEmpty()) {
            return before + after;
        }
        if (before.endsWith("\u00AD")) {
            return before.substring(0, before.length() - 1) + after;
        }
        var broken = BROKEN.matcher(before);
        if (!broken.matches() || !Character.isLowerCase(after.charAt(0))) {
            return before.endsWith("-") ? before + after : before + " " + after;
        }
        var next = after.split("\\P{L}", 2)[0];
        var isHyphenated = hyphenated.contains((broken.group(1) + "-" + next).toLowerCase(ROOT));
        return (isHyphenated ? before : before.substring(0, before.length() - 1)) + after;
    }
}
