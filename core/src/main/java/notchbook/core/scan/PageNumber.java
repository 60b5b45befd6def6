package notchbook.core.scan;

import java.util.List;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The number that a page bears: alone on its first or last line, or there behind “page” or before “of”. */
public final class PageNumber {
    private static final Pattern ALONE = Pattern.compile(
            "(?i)[\\s\\-–—.|]*(?:page|p\\.?|sheet)?\\s*(\\d{1,3})\\s*(?:(?:/|of)\\s*\\d{1,3})?[\\s\\-–—.|]*");

    private static final Pattern NAMED =
            Pattern.compile("(?i).*\\b(?:page|sheet)\\s+(\\d{1,3})(?:\\s*(?:/|of)\\s*\\d{1,3})?\\W*");

    private PageNumber() {}

    /** Of the words that were read on a page, line by line; empty for a page without a number. */
    public static OptionalInt in(String text) {
        var lines = text.lines().filter(line -> !line.isBlank()).toList();
        if (lines.isEmpty()) {
            return OptionalInt.empty();
        }
        return Stream.of(lines.getLast(), lines.getFirst())
                .flatMap(line -> numbers(line).stream())
                .mapToInt(Integer::parseInt)
                .filter(number -> number > 0)
                .findFirst();
    }

    private static List<String> numbers(String line) {
        return Stream.of(ALONE, NAMED)
                .map(pattern -> pattern.matcher(line))
                .filter(found -> found.matches())
                .map(found -> found.group(1))
                .limit(1)
                .toList();
    }
}
