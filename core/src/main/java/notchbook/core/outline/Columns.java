package notchbook.core.outline;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import notchbook.core.outline.SourceText.Written;

/** Pages whose text stands in two columns side by side: the gap between them is the same in most of their lines. */
final class Columns {
    /** Fewer lines than this don't tell two columns from a gap by chance. */
    private static final int FEWEST = 5;

    /** How many of the lines of a page must have the gap. */
    private static final double SHARE = 0.4;

    /** A narrower left side is a column of codes, not of text; in letters. */
    private static final int NARROWEST = 18;

    /** How far a list stands to the right of its heading, in letters. */
    private static final int HANGING = 8;

    private Columns() {}

    static List<Written> inReadingOrder(List<Written> lines) {
        var pages = lines.stream().collect(groupingBy(Written::page, LinkedHashMap::new, toList()));
        return pages.values().stream().flatMap(page -> parted(page).stream()).toList();
    }

    private static List<Written> parted(List<Written> page) {
        var gutter = gutter(page);
        return gutter.isEmpty() ? page : parted(page, gutter.getAsInt());
    }

    /** What crosses the gap, such as a heading over both columns, ends the columns above it. */
    private static List<Written> parted(List<Written> page, int gutter) {
        var ordered = new ArrayList<Written>();
        var right = new ArrayList<Written>();
        for (var line : page) {
            if (crosses(line, gutter)) {
                ordered.addAll(right);
                right.clear();
                ordered.add(line);
            } else {
                side(line, 0, Math.min(gutter, line.text().length())).ifPresent(ordered::add);
                side(line, Math.min(gutter, line.text().length()), line.text().length())
                        .ifPresent(right::add);
            }
        }
        ordered.addAll(right);
        return ordered;
    }

    private static Optional<Written> side(Written line, int from, int to) {
        var text = line.text().substring(from, to).stripTrailing();
        return text.isBlank()
                ? Optional.empty()
                : Optional.of(new Written(line.number(), line.page(), line.isAfterGap(), text));
    }

    private static boolean crosses(Written line, int gutter) {
        var text = line.text();
        return text.length() > gutter && !(text.charAt(gutter - 1) == ' ' && text.charAt(gutter - 2) == ' ');
    }

    private static OptionalInt gutter(List<Written> page) {
        var widest = page.stream().mapToInt(line -> line.text().length()).max().orElse(0);
        return IntStream.range(NARROWEST, widest)
                .filter(at -> isGutter(page, at))
                .reduce((best, at) -> startsAt(page, at) > startsAt(page, best) ? at : best)
                .stream()
                .map(at -> leftOf(page, at))
                .findFirst();
    }

    /** Headings of the right column may stand a little to the left of the list under them. */
    private static int leftOf(List<Written> page, int gutter) {
        return IntStream.range(Math.max(NARROWEST, gutter - HANGING), gutter)
                .filter(at -> startsAt(page, at) > 0)
                .filter(at -> page.stream().noneMatch(line -> crosses(line, at) && !crosses(line, gutter)))
                .findFirst()
                .orElse(gutter);
    }

    private static boolean isGutter(List<Written> page, int at) {
        var starts = startsAt(page, at);
        var marked = page.stream()
                .filter(line -> startsAt(line, at))
                .map(line -> line.text().substring(at))
                .filter(right -> !Cells.isValue(right.split(" {3,}")[0])
                        && Markers.read(right).marker().isPresent())
                .count();
        var crossing = page.stream().filter(line -> crosses(line, at)).count();
        var left = page.stream()
                .filter(line -> !line.text()
                        .substring(0, Math.min(at, line.text().length()))
                        .isBlank())
                .filter(line -> !crosses(line, at))
                .count();
        // The right side of a table with notes bears no numbers of its own.
        return starts >= FEWEST
                && starts >= SHARE * page.size()
                && marked >= 3
                && crossing * 4 <= page.size()
                && left >= FEWEST;
    }

    private static long startsAt(List<Written> page, int at) {
        return page.stream().filter(line -> startsAt(line, at)).count();
    }

    private static boolean startsAt(Written line, int at) {
        var text = line.text();
        return text.length() > at && text.charAt(at) != ' ' && text.charAt(at - 1) == ' ' && text.charAt(at - 2) == ' ';
    }
}
