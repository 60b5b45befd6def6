package notchbook.formats.voice;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import org.jsoup.parser.Parser;

/**
 * Spoken lines as WebVTT (W3C), the open format of captions. What says how they look (settings, styles, regions) and who
 * speaks is left aside; notes are comments.
 */
public final class WebVtt {
    private static final String HEAD = "WEBVTT";
    private static final String ARROW = "-->";

    /** {@code 01:02:03.456} or {@code 02:03.456}, from and to; settings may follow. */
    private static final Pattern TIMES =
            Pattern.compile("\\s*(?:(\\d{2,4}):)?([0-5]\\d):([0-5]\\d)\\.(\\d{3})\\s+-->\\s+"
                    + "(?:(\\d{2,4}):)?([0-5]\\d):([0-5]\\d)\\.(\\d{3})(?:\\s.*)?");

    private static final Pattern TAG = Pattern.compile("</?[^<>]*>?");

    private WebVtt() {}

    /** Reads a file's text; an {@link IllegalArgumentException} says what is wrong and in which line. */
    public static SpokenLines read(String text) {
        var rows =
                text.replaceFirst("^\uFEFF", "").replace("\u0000", "").lines().toList();
        if (rows.isEmpty() || !rows.getFirst().matches(HEAD + "(\\s.*)?")) {
            throw new IllegalArgumentException(
                    "This is no WebVTT file: it has to begin with WEBVTT. Save the captions as WebVTT (.vtt).");
        }
        var lines = new ArrayList<SpokenLine>();
        for (var i = 1; i < rows.size(); i++) {
            if (rows.get(i).matches("(NOTE|STYLE|REGION)(\\s.*)?")) {
                while (i + 1 < rows.size() && !rows.get(i + 1).isBlank()) {
                    i++;
                }
            } else if (rows.get(i).contains(ARROW)) {
                var words = words(rows.subList(i + 1, rows.size()).iterator());
                if (!words.isBlank()) {
                    lines.add(line(rows.get(i), i + 1, words));
                }
            }
        }
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("There are no captions in this WebVTT file.");
        }
        return new SpokenLines(lines);
    }

    private static SpokenLine line(String times, int row, String words) {
        var found = TIMES.matcher(times);
        if (!found.matches()) {
            throw new IllegalArgumentException(
                    "Line %,d of this WebVTT file has no times that can be read. They look like 00:04.000 --> 00:09.500."
                            .formatted(row));
        }
        if (millis(found, 5) < millis(found, 1)) {
            throw new IllegalArgumentException(
                    "In line %,d of this WebVTT file a caption ends before it begins.".formatted(row));
        }
        return new SpokenLine(millis(found, 1), millis(found, 5), words);
    }

    private static String words(Iterator<String> rows) {
        var words = new ArrayList<String>();
        while (rows.hasNext()) {
            var row = rows.next();
            if (row.isBlank()) {
                break;
            }
            words.add(Parser.unescapeEntities(TAG.matcher(row).replaceAll(""), false));
        }
        return words.stream().map(String::strip).filter(row -> !row.isEmpty()).collect(joining("\n"));
    }

    private static long millis(Matcher times, int group) {
        var hours = times.group(group) == null ? 0 : Long.parseLong(times.group(group));
        var minutes = 60 * hours + Long.parseLong(times.group(group + 1));
        return 1_000 * (60 * minutes + Long.parseLong(times.group(group + 2))) + Long.parseLong(times.group(group + 3));
    }

    public static String write(SpokenLines lines) {
        return HEAD + "\n" + lines.all().stream().map(WebVtt::block).collect(joining());
    }

    private static String block(SpokenLine line) {
        return "\n%s --> %s\n%s\n".formatted(time(line.fromMillis()), time(line.toMillis()), payload(line.words()));
    }

    /** An empty row would end the caption. */
    private static String payload(String words) {
        return words.lines()
                .filter(row -> !row.isBlank())
                .map(row -> row.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;"))
                .collect(joining("\n"));
    }

    private static String time(long millis) {
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d.%03d",
                millis / 3_600_000,
                millis / 60_000 % 60,
                millis / 1_000 % 60,
                millis % 1_000);
    }
}
