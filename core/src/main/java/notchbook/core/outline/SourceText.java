package notchbook.core.outline;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** The lines of a text that was copied out of a document. */
public final class SourceText {
    /** A tab at the start of a line, in widths of a letter. */
    private static final int TAB = 4;

    /** More than one space after a full stop is typing; three in a row part two cells. */
    private static final Pattern CELL_GAP = Pattern.compile("\\s*\\t\\s*| {3,}");

    /** A line in which one point after another was run together. */
    private static final Pattern BETWEEN_BULLETS = Pattern.compile("\\s+(?=[•▪◦‣]\\s)");

    /** A syllabus with all its appendices. */
    private static final int MOST_LINES = 20_000;

    /** What is longer is no line of a syllabus; it goes on in the next one. In letters. */
    private static final int LONGEST_LINE = 2_000;

    private static final Pattern TOO_LONG =
            Pattern.compile("(.{1," + LONGEST_LINE + "})(?:\\s|$)|(.{" + LONGEST_LINE + "})");

    private SourceText() {}

    /**
     * Every line that holds words, in order; of pages that were printed in two columns, the left one first.
     *
     * @throws IllegalArgumentException if there are more than 20,000 lines; the message says what to do
     */
    public static List<SourceLine> lines(String text) {
        return lines(text, number -> false);
    }

    /** The same of a text whose lines with some numbers, counted from 1, are larger or bolder than the others. */
    public static List<SourceLine> lines(String text, IntPredicate isProminent) {
        var written = new ArrayList<Written>();
        var page = 0;
        var isAfterGap = false;
        var number = 0;
        var all = clean(text).split("\n", -1);
        if (all.length > MOST_LINES) {
            throw new IllegalArgumentException(
                    "This text has more than 20,000 lines. Paste the part that lists the topics.");
        }
        for (var raw : all) {
            number++;
            var feeds = raw.chars().filter(sign -> sign == '\f').count();
            page += (int) feeds;
            var line = raw.replace("\f", "");
            if (line.isBlank()) {
                isAfterGap = true;
            } else {
                for (var part : parts(line.stripTrailing())) {
                    written.add(new Written(number, page, isAfterGap, part));
                    isAfterGap = false;
                }
            }
        }
        return Columns.inReadingOrder(written).stream()
                .flatMap(line -> BETWEEN_BULLETS
                        .splitAsStream(line.text().strip())
                        .map(part -> sourceLine(line, part, isProminent.test(line.number()))))
                .toList();
    }

    private static List<String> parts(String line) {
        return line.length() <= LONGEST_LINE
                ? List.of(line)
                : TOO_LONG.matcher(line).results().map(MatchResult::group).toList();
    }

    /** A line with all its spaces. */
    record Written(int number, int page, boolean isAfterGap, String text) {
        int indent() {
            var width = 0;
            for (var at = 0; at < text.length() && Character.isWhitespace(text.charAt(at)); at++) {
                width += text.charAt(at) == '\t' ? TAB : 1;
            }
            return width;
        }
    }

    private static SourceLine sourceLine(Written line, String part, boolean isProminent) {
        var cells = CELL_GAP.splitAsStream(part.strip()).map(String::strip).collect(joining("\t"));
        return new SourceLine(line.number(), line.page(), line.indent(), line.isAfterGap(), isProminent, cells);
    }

    /** One kind of line end, of space and of round bullet; signs without a width are left out. */
    private static String clean(String text) {
        return text.replace("\r\n", "\n")
                .replaceAll("[\\r\\u2028\\u2029\\u0085\\u000B]", "\n")
                .replaceAll("[\\u00A0\\u2000-\\u200A\\u202F\\u3000]", " ")
                .replaceAll("[\\u200B-\\u200F\\uFEFF\\u2060]", "")
                .replaceAll("[\\uF0B7\\uF0A7\\uF076\\uF02D\\u2022\\u25CF\\u2219\\u2043]", "•");
    }
}
