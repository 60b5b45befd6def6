package notchbook.core.outline;

import static java.util.Locale.ROOT;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import notchbook.core.outline.Marker.Bullet;
import notchbook.core.outline.Marker.Named;
import notchbook.core.outline.Marker.Numbered;
import notchbook.core.outline.Marker.Sign;

/** Reads the marker at the start of a line, whether it is one in its place or not. */
final class Markers {
    /** The words that name a level, with how deep such a level usually stands. */
    private static final Map<String, Integer> RANKS = Map.ofEntries(
            Map.entry("part", 1),
            Map.entry("unit", 1),
            Map.entry("module", 1),
            Map.entry("component", 1),
            Map.entry("theme", 1),
            Map.entry("area", 1),
            Map.entry("areaofstudy", 1),
            Map.entry("strand", 1),
            Map.entry("block", 1),
            Map.entry("option", 1),
            Map.entry("chapter", 2),
            Map.entry("section", 2),
            Map.entry("topic", 2),
            Map.entry("subtopic", 3),
            Map.entry("subsection", 3),
            Map.entry("lesson", 3));

    private static final List<String> COUNTED =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    /** What parts a marker from its text. */
    private static final String PARTED = "(?:\\s*[:.–—-](?=\\s|$)|(?=\\s|$))[ \\t]*";

    private static final Pattern NAMED =
            Pattern.compile("(?<word>(?:[A-Z][a-z]+(?:[ -][a-z]+){0,2}|[A-Z]+(?:[ -][A-Z]+){0,2}))"
                    + "[ \\t]+(?<number>\\d{1,3}(?:\\.\\d{1,3})*[a-z]?|[IVX]{1,5}|[A-Z]|(?i:"
                    + String.join("|", COUNTED) + "))"
                    + PARTED);

    private static final Pattern NUMBERED =
            Pattern.compile("(?<open>\\(?)(?<path>(?:[A-Z]{1,3}-?)?\\d{1,3}(?:\\.\\d{1,3})*|[IVX]{1,5}(?:\\.\\d{1,3})+)"
                    + "(?<letter>[a-z]|[A-Z](?![A-Za-z0-9])|\\.[a-z](?![a-z])|[ ]?\\([a-z]\\))?(?<roman>\\.[ivx]+|[ ]?\\([ivx]+\\))?"
                    + "(?<close>[.)]?)" + "(?:\\s*[:–—-](?=\\s|$)|(?=\\s|$))[ \\t]*");

    private static final Pattern SIGN = Pattern.compile(
            "(?<open>\\(?)(?<sign>[a-zA-Z]|[ivxlc]{1,6}|[IVXLC]{1,6})(?<close>[).]|:|(?=\\t))(?=\\s|$)[ \\t]*");

    private static final Pattern BULLET = Pattern.compile("(?<bullet>[•◦▪▫■□○‣∙·*–—\\-o✓✔➢→►])(?=[ \\t]|$)[ \\t]*");

    private static final Pattern ROMAN = Pattern.compile("(?i)(?:xc|xl|l?x{0,3})(?:ix|iv|v?i{0,3})");

    private Markers() {}

    /** How deep what a word names usually stands, from 1; 0 when the word names no level. */
    static int rank(String word) {
        return RANKS.getOrDefault(word, 0);
    }

    /** A line with its marker taken off. */
    record Marked(Optional<Marker> marker, String text) {}

    static Marked read(String line) {
        var text = line.strip();
        return named(text)
                .or(() -> numbered(text))
                .or(() -> sign(text))
                .or(() -> bullet(text))
                .orElseGet(() -> new Marked(Optional.empty(), text));
    }

    private static Optional<Marked> named(String text) {
        var match = NAMED.matcher(text);
        if (!match.lookingAt()) {
            return Optional.empty();
        }
        var word = match.group("word").toLowerCase(ROOT).replaceAll("[ -]", "");
        return Optional.ofNullable(RANKS.get(word))
                .map(rank -> marked(
                        new Named(
                                word,
                                rank,
                                counted(match.group("number")),
                                match.group("word") + " " + match.group("number")),
                        text,
                        match));
    }

    private static String counted(String number) {
        var place = COUNTED.indexOf(number.toLowerCase(ROOT));
        return place < 0 ? number : String.valueOf(place + 1);
    }

    private static Optional<Marked> numbered(String text) {
        var match = NUMBERED.matcher(text);
        if (!match.lookingAt()
                || !match.group("open").isEmpty() && !match.group("close").equals(")")) {
            return Optional.empty();
        }
        var path = new ArrayList<>(List.of(match.group("path").split("\\.")));
        Optional.ofNullable(match.group("letter")).map(Markers::bare).ifPresent(path::add);
        Optional.ofNullable(match.group("roman")).map(Markers::bare).ifPresent(path::add);
        var close = match.group("open") + match.group("close");
        var written = match.group("path")
                + bare(match.group("letter"))
                + Optional.ofNullable(match.group("roman"))
                        .map(roman -> "." + bare(roman))
                        .orElse("");
        return Optional.of(marked(new Numbered(List.copyOf(path), path.size() > 1 ? "" : close, written), text, match));
    }

    private static String bare(@org.jspecify.annotations.Nullable String part) {
        return part == null ? "" : part.replaceAll("[ .()]", "");
    }

    private static Optional<Marked> sign(String text) {
        var match = SIGN.matcher(text);
        if (!match.lookingAt()) {
            return Optional.empty();
        }
        var sign = match.group("sign");
        var isUpper = Character.isUpperCase(sign.charAt(0));
        var letter = sign.length() == 1
                ? Optional.of(Character.toLowerCase(sign.charAt(0)) - 'a' + 1)
                : Optional.<Integer>empty();
        var roman = roman(sign);
        if (letter.isEmpty() && roman.isEmpty()) {
            return Optional.empty();
        }
        var brackets = match.group("open") + match.group("close");
        return Optional.of(marked(new Sign(brackets, isUpper, letter, roman, sign), text, match));
    }

    /** The value of a Roman number up to 99. */
    static Optional<Integer> roman(String sign) {
        if (!ROMAN.matcher(sign).matches()) {
            return Optional.empty();
        }
        var value = 0;
        var before = 0;
        for (var at = sign.length() - 1; at >= 0; at--) {
            var one =
                    switch (Character.toLowerCase(sign.charAt(at))) {
                        case 'i' -> 1;
                        case 'v' -> 5;
                        case 'x' -> 10;
                        case 'l' -> 50;
                        default -> 100;
                    };
            value += one < before ? -one : one;
            before = one;
        }
        return Optional.of(value);
    }

    private static Optional<Marked> bullet(String text) {
        var match = BULLET.matcher(text);
        return match.lookingAt()
                ? Optional.of(marked(new Bullet(match.group("bullet")), text, match))
                : Optional.empty();
    }

    private static Marked marked(Marker marker, String text, Matcher match) {
        return new Marked(Optional.of(marker), text.substring(match.end()).strip());
    }
}
