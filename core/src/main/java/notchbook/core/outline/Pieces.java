package notchbook.core.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Joins the lines of a document that were broken at the edge of a page or a column. */
final class Pieces {
    /** A line is full when it is this long, as a share of the lines that go on in the next one. */
    private static final double FULL = 0.82;

    /** Shorter lines are not broken by an edge; in letters. */
    private static final int NARROWEST = 25;

    /** What stands further to the right is no longer in the first column of text; in widths of a letter. */
    private static final int NOTE_INDENT = 24;

    /** What is longer is no line of a syllabus, and nothing more is joined to it. In letters. */
    private static final int LONGEST = 2_000;

    /** With fewer lines that bear a marker, as a share of all, a small letter begins a line as well as a large one. */
    private static final double FEW_MARKERS = 0.15;

    /** What a line can't end with. */
    private static final Pattern OPEN_END = Pattern.compile(
            "(?is).*(?:[,\u00AD–]|\\p{L}-|\\b(?:and|or|of|the|a|an|to|in|on|by|for|with|from|as|that|which|between|is|are|its|their|at|into|how|than|e\\.g\\.|i\\.e\\.))");

    private final List<SourceLine> lines;
    private final boolean isTable;
    private final boolean isLoose;
    private final double width;
    private final Hyphen hyphen;
    private final Map<String, Integer> bullets = new HashMap<>();
    private final Sequence sequence = new Sequence();
    private final List<Piece> pieces = new ArrayList<>();

    private Pieces(List<SourceLine> lines) {
        this.lines = lines.stream().flatMap(line -> Cells.parted(line).stream()).toList();
        this.isTable = Cells.areIn(lines);
        var markers = lines.stream()
                .map(line -> Markers.read(line.text()).marker())
                .flatMap(Optional::stream)
                .toList();
        this.isLoose = markers.size() < FEW_MARKERS * lines.size();
        this.width = width(lines, isLoose);
        this.hyphen = Hyphen.of(lines.stream().map(SourceLine::text));
        markers.forEach(marker -> {
            if (marker instanceof Marker.Bullet bullet) {
                bullets.merge(bullet.written(), 1, Integer::sum);
            }
        });
    }

    static List<Piece> of(List<SourceLine> lines) {
        var joining = new Pieces(lines);
        joining.join();
        return joining.pieces;
    }

    private void join() {
        var weightColumn = -1;
        for (var line : lines) {
            if (Cells.isHeading(line.text())) {
                weightColumn = Cells.weightColumn(line.text());
                continue;
            }
            var cells = Cells.of(line.text(), isTable, weightColumn);
            var marked = accepted(line, Markers.read(cells.text()), cells.text());
            if (isMoreOfNote(line, marked)) {
                pieces.add(pieces.removeLast().joined(line, "", line.text(), hyphen));
            } else if (pieces.isEmpty() || startsAnew(pieces.getLast(), line, marked)) {
                marked.marker().ifPresent(sequence::add);
                pieces.add(new Piece(line, line, marked.marker(), marked.text(), cells.note(), false));
            } else {
                var last = pieces.removeLast();
                var joined = last.joined(line, cells.text(), cells.note(), hyphen);
                pieces.add(isSure(last, cells.text()) ? joined : joined.unsure());
            }
        }
    }

    /** A line that holds words in the column of notes alone. */
    private boolean isMoreOfNote(SourceLine line, Markers.Marked marked) {
        return isTable
                && marked.marker().isEmpty()
                && !pieces.isEmpty()
                && !pieces.getLast().note().isEmpty()
                && line.indent() > pieces.getLast().indent() + NOTE_INDENT;
    }

    /** What looks like a marker but is a part of the text is text. */
    private Markers.Marked accepted(SourceLine line, Markers.Marked marked, String text) {
        return marked.marker().filter(marker -> isMarker(line, marked, marker)).isPresent()
                ? marked
                : new Markers.Marked(Optional.empty(), text);
    }

    private boolean startsAnew(Piece last, SourceLine line, Markers.Marked marked) {
        if (marked.marker().isPresent()) {
            return true;
        }
        if (Annotations.isAlone(line.text()) || Annotations.isAlone(last.text())) {
            return true;
        }
        if (last.text().isEmpty()) {
            return false;
        }
        if (line.isProminent() != last.last().isProminent()) {
            return true;
        }
        return !goesOn(last, line);
    }

    private boolean goesOn(Piece last, SourceLine line) {
        if (last.text().length() > LONGEST) {
            return false;
        }
        var isFull = width(last.last()) >= FULL * width;
        var isSmall =
                !Character.isUpperCase(line.text().charAt(0)) && line.text().charAt(0) != '‘';
        if (line.isAfterGap()) {
            return isSmall && last.isUnfinished() && isFull && !isLoose;
        }
        if (OPEN_END.matcher(last.text()).matches()) {
            return true;
        }
        if (isSmall) {
            return !isLoose || isFull && last.isUnfinished();
        }
        return isFull && last.isUnfinished() && last.prominence() == 0;
    }

    /** What begins with a large letter may be a line of its own. */
    private static boolean isSure(Piece last, String more) {
        return last.text().isEmpty()
                || OPEN_END.matcher(last.text()).matches()
                || !Character.isUpperCase(more.charAt(0));
    }

    /** A number may begin a line because the line was broken there: "of 2 m/s". */
    private boolean isMarker(SourceLine line, Markers.Marked marked, Marker marker) {
        var beginsSmall =
                !marked.text().isEmpty() && !Character.isUpperCase(marked.text().charAt(0));
        if (marker instanceof Marker.Named && beginsSmall) {
            // "Unit 2 builds on …" is a sentence.
            return false;
        }
        if (pieces.isEmpty() || Annotations.isAlone(pieces.getLast().text())) {
            return true;
        }
        var last = pieces.getLast();
        if (marker instanceof Marker.Bullet bullet) {
            return bullets.get(bullet.written()) > 1 || !last.isUnfinished();
        }
        if (marker instanceof Marker.Named) {
            return line.isAfterGap()
                    || line.isProminent()
                    || !OPEN_END.matcher(last.text()).matches();
        }
        if (marker instanceof Marker.Numbered numbered
                && (numbered.isCode() || numbered.hasLetters() && !beginsSmall)) {
            return true;
        }
        if (marker instanceof Marker.Sign
                && sequence.hasSeen(marker.style())
                && !OPEN_END.matcher(last.text()).matches()) {
            return true;
        }
        var isMidSentence = last.isUnfinished()
                && !line.isAfterGap()
                && !line.isProminent()
                && !last.first().isProminent();
        var isBare = marker instanceof Marker.Numbered numbered
                && numbered.path().size() == 1
                && numbered.close().isEmpty();
        if (isBare && beginsSmall && !sequence.goesOn(marker)) {
            return false;
        }
        if (OPEN_END.matcher(last.text()).matches() && !last.text().isEmpty()) {
            return sequence.goesOn(marker) && !(isBare && beginsSmall);
        }
        return !isMidSentence || sequence.goesOn(marker) || !beginsSmall && !isBare;
    }

    /** How long lines are that go on in the next one; without any, no line is full. */
    private static double width(List<SourceLine> lines, boolean isLoose) {
        if (isLoose) {
            var longest = lines.stream().mapToDouble(Pieces::width).max().orElse(0);
            return longest < 2 * NARROWEST ? Double.POSITIVE_INFINITY : longest;
        }
        var broken = java.util.stream.IntStream.range(1, lines.size())
                .filter(i -> Markers.read(lines.get(i).text()).marker().isEmpty())
                .filter(i -> Character.isLowerCase(lines.get(i).text().charAt(0)))
                .mapToDouble(i -> width(lines.get(i - 1)))
                .filter(one -> one >= NARROWEST)
                .sorted()
                .toArray();
        return broken.length == 0 ? Double.POSITIVE_INFINITY : broken[broken.length / 2];
    }

    private static double width(SourceLine line) {
        return line.indent() + line.text().length();
    }
}
