package notchbook.formats.outline;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** Lays out the words of a PDF as text in letters of one width, so that what stands below each other stays so. */
final class PrintedPages extends PDFTextStripper {
    /** A gap that parts two columns and no words, in widths of a space. */
    private static final double COLUMN_GAP = 2.2;

    /** A letter is on the line of another when it is off by less than this share of its height. */
    private static final double SAME_LINE = 0.5;

    /** Lines further apart than this have a gap between them, in heights of a letter. */
    private static final double LINE_GAP = 2.2;

    /** A heading is larger than most of the text by this factor. */
    private static final double LARGER = 1.12;

    private final List<TextPosition> letters = new ArrayList<>();
    private final List<Printed> printed = new ArrayList<>();

    PrintedPages() throws IOException {
        super();
    }

    /** A line as it is printed; {@code text} is empty where there is a gap, or holds the sign of a new page. */
    private record Printed(String text, double size, boolean isBold) {}

    /** Words that no more than a space parts, from {@code left} to {@code right} in points. */
    private record Run(double left, double right, String text) {}

    @Override
    protected void processTextPosition(TextPosition letter) {
        if (!letter.getUnicode().isBlank() && letter.getDir() == 0) {
            letters.add(letter);
        }
    }

    @Override
    public String getText(PDDocument pdf) throws IOException {
        super.getText(pdf);
        return printed.stream().map(Printed::text).collect(joining("\n"));
    }

    @Override
    protected void writePage() {
        layOut();
        printed.add(new Printed("\f", 0, false));
        letters.clear();
    }

    /** The lines, counted from 1, that are larger than most, or bold where most are not. */
    Set<Integer> prominentLines() {
        var sizes = printed.stream()
                .filter(line -> line.size() > 0)
                .mapToDouble(Printed::size)
                .sorted()
                .toArray();
        var usual = sizes.length == 0 ? 0 : sizes[sizes.length / 2];
        var bold = printed.stream().filter(Printed::isBold).count();
        var isBoldRare = bold * 2 < sizes.length;
        return IntStream.range(0, printed.size())
                .filter(i ->
                        printed.get(i).size() > usual * LARGER || printed.get(i).isBold() && isBoldRare)
                .mapToObj(i -> i + 1)
                .collect(toSet());
    }

    private void layOut() {
        var lines = lines();
        var letterWidth = lines.stream()
                .flatMap(line -> runs(line).stream())
                .mapToDouble(run ->
                        (run.right() - run.left()) / Math.max(1, run.text().length()))
                .filter(width -> width > 0)
                .min()
                .orElse(1);
        var margin =
                letters.stream().mapToDouble(TextPosition::getXDirAdj).min().orElse(0);
        var bottom = Double.NaN;
        for (var line : lines) {
            var height = line.getFirst().getHeightDir();
            var base = line.getFirst().getYDirAdj();
            if (base - bottom > LINE_GAP * Math.max(height, line.getFirst().getFontSizeInPt() * 0.62)) {
                printed.add(new Printed("", 0, false));
            }
            bottom = base;
            printed.add(new Printed(
                    spaced(runs(line), margin, letterWidth),
                    line.stream()
                            .mapToDouble(TextPosition::getFontSizeInPt)
                            .max()
                            .orElse(0),
                    line.stream().allMatch(PrintedPages::isBold)));
        }
    }

    /** The letters of each line from left to right, lines from top to bottom. */
    private List<List<TextPosition>> lines() {
        letters.sort(Comparator.comparingDouble(TextPosition::getYDirAdj));
        var lines = new ArrayList<List<TextPosition>>();
        for (var letter : letters) {
            var last = lines.isEmpty() ? null : lines.getLast().getFirst();
            if (last == null
                    || letter.getYDirAdj() - last.getYDirAdj()
                            > SAME_LINE * Math.max(letter.getHeightDir(), last.getHeightDir())) {
                lines.add(new ArrayList<>());
            }
            lines.getLast().add(letter);
        }
        lines.forEach(line -> line.sort(Comparator.comparingDouble(TextPosition::getXDirAdj)));
        return lines;
    }

    private static List<Run> runs(List<TextPosition> line) {
        var runs = new ArrayList<Run>();
        for (var letter : line) {
            var left = letter.getXDirAdj();
            var right = left + letter.getWidthDirAdj();
            var space = letter.getWidthOfSpace() > 0 ? letter.getWidthOfSpace() : letter.getWidthDirAdj();
            if (runs.isEmpty() || left - runs.getLast().right() > COLUMN_GAP * space) {
                runs.add(new Run(left, right, letter.getUnicode()));
            } else {
                var last = runs.removeLast();
                var isWord = left - last.right() > space * 0.4;
                runs.add(new Run(last.left(), right, last.text() + (isWord ? " " : "") + letter.getUnicode()));
            }
        }
        return runs;
    }

    /** Each run at its place; no line of letters is wider than it is printed, so that columns stay in line. */
    private static String spaced(List<Run> runs, double margin, double letterWidth) {
        var line = new StringBuilder();
        for (var run : runs) {
            var column = (int) Math.round((run.left() - margin) / letterWidth);
            var least = line.isEmpty() ? 0 : 3;
            line.append(" ".repeat(Math.max(least, column - line.length()))).append(run.text());
        }
        return line.toString();
    }

    private static boolean isBold(TextPosition letter) {
        var name = letter.getFont().getName();
        return name != null && name.toLowerCase(java.util.Locale.ROOT).contains("bold");
    }
}
