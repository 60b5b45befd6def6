package notchbook.core.outline;

import static java.util.Locale.ROOT;

import java.util.Arrays;
import java.util.List;
import java.util.Set;

/** The cells of a line in a table: its words with what is said of them in brackets, and the notes beside them. */
record Cells(String text, String note) {
    private static final Set<String> HEADINGS = Set.of(
            "ref",
            "reference",
            "code",
            "no",
            "number",
            "content",
            "contents",
            "statement",
            "statements",
            "topic",
            "topics",
            "unit",
            "units",
            "title",
            "weight",
            "weighting",
            "%",
            "tier",
            "notes",
            "note",
            "guidance",
            "outcome",
            "outcomes",
            "learning outcomes",
            "hours",
            "level",
            "point",
            "marks",
            "subject content",
            "what you need to know",
            "further guidance",
            "teaching hours");

    /** Fewer lines with text in two cells than this are no table. */
    private static final int FEWEST_ROWS = 4;

    /** Of all lines, in a table. */
    private static final double SHARE_OF_ROWS = 0.2;

    /** Whether gaps in lines part cells; else they are gaps between words. */
    static boolean areIn(List<SourceLine> lines) {
        var rows = lines.stream().filter(line -> texts(line.text()) > 1).count();
        return rows >= FEWEST_ROWS && rows >= SHARE_OF_ROWS * lines.size();
    }

    private static long texts(String line) {
        return Arrays.stream(line.split("\t"))
                .filter(cell -> !isValue(cell) && !isMarkerAlone(cell))
                .count();
    }

    /** A row whose cells have numbers of their own is a line for each. */
    static List<SourceLine> parted(SourceLine line) {
        var cells = line.text().split("\t");
        var numbered = Arrays.stream(cells)
                .filter(cell -> Markers.read(cell).marker().isPresent() && !isMarkerAlone(cell) && !isValue(cell))
                .count();
        return numbered > 1 ? Arrays.stream(cells).map(line::saying).toList() : List.of(line);
    }

    static boolean isHeading(String line) {
        var cells = line.split("\t");
        return cells.length > 1
                && Arrays.stream(cells)
                        .allMatch(cell -> HEADINGS.contains(cell.toLowerCase(ROOT)
                                        .replaceAll("[.():%]|per cent", "")
                                        .strip())
                                || cell.equals("%"));
    }

    /** The place of the column that holds weights as bare numbers, or none. */
    static int weightColumn(String heading) {
        var cells = heading.toLowerCase(ROOT).split("\t");
        for (var i = 0; i < cells.length; i++) {
            if (cells[i].contains("weight") || cells[i].contains("%")) {
                return i;
            }
        }
        return -1;
    }

    static Cells of(String line, boolean isTable, int weightColumn) {
        var cells = line.split("\t");
        var text = new StringBuilder(cells[0]);
        var note = new StringBuilder();
        for (var i = 1; i < cells.length; i++) {
            var isFirstWords = i == 1 && isMarkerAlone(cells[0]);
            if (i == weightColumn && cells[i].matches("\\d{1,3}([.,]\\d+)?")) {
                text.append(" [").append(cells[i]).append(" %]");
            } else if (!isFirstWords && isValue(cells[i])) {
                text.append(isCount(cells[i]) ? "" : " [" + cells[i].replaceAll("[()\\[\\]]", "") + "]");
            } else if (isFirstWords || !isTable) {
                text.append(' ').append(cells[i]);
            } else {
                note.append(' ').append(cells[i]);
            }
        }
        return new Cells(text.toString(), note.toString().strip());
    }

    /** A page, or how long it takes to teach. */
    private static boolean isCount(String cell) {
        return cell.matches("\\d{1,3}(?:\\s*(?:hours?|h|lessons?|periods?|weeks?))?");
    }

    private static boolean isMarkerAlone(String cell) {
        var marked = Markers.read(cell);
        return marked.marker().isPresent() && marked.text().isEmpty();
    }

    /** Whether a cell says something about the line, and is none of its words. */
    static boolean isValue(String cell) {
        return cell.matches("[EHCF]|HT|FT")
                || isCount(cell)
                || Annotations.isAlone(cell)
                || Annotations.of("x " + "[" + cell.replaceAll("[()\\[\\]]", "") + "]", true)
                        .text()
                        .equals("x");
    }
}
