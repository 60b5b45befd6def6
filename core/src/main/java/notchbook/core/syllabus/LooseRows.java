package notchbook.core.syllabus;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Rows of a file that says less than a syllabus needs: no parents, or one text for titles and statements. What is missing
 * follows from the codes: "2.3b" stands under "2.3", and what nothing stands under is a point.
 */
public final class LooseRows {
    private LooseRows() {}

    /** The rows with the parent that each code tells: the longest other code that it goes on from. */
    public static List<SyllabusRow> withParents(List<SyllabusRow> rows) {
        var codes = rows.stream().map(SyllabusRow::code).collect(toSet());
        return rows.stream()
                .map(row -> row.under(parent(row.code(), codes).orElse("")))
                .toList();
    }

    /**
     * The rows with the parent that each code tells, and where a code tells none and the levels are known, the row before it
     * that stands one level higher.
     */
    public static List<SyllabusRow> withParents(List<SyllabusRow> rows, List<Optional<RowLevel>> levels) {
        var byCode = withParents(rows);
        return IntStream.range(0, rows.size())
                .mapToObj(i ->
                        byCode.get(i).parent().isEmpty() ? rows.get(i).under(above(rows, levels, i)) : byCode.get(i))
                .toList();
    }

    private static String above(List<SyllabusRow> rows, List<Optional<RowLevel>> levels, int row) {
        var depth = levels.get(row).map(RowLevel::depth).orElse(0);
        return IntStream.iterate(row - 1, i -> i >= 0, i -> i - 1)
                .filter(i ->
                        levels.get(i).filter(level -> level.depth() < depth).isPresent())
                .mapToObj(i -> rows.get(i).code())
                .findFirst()
                .orElse("");
    }

    /**
     * The rows of a table in which units and topics may have statements too: what a row is follows from its level where that
     * says so, else from what stands under it. The statement of a unit or topic becomes its note, as does the title of a
     * point.
     */
    public static List<SyllabusRow> withKinds(List<SyllabusRow> rows, List<Optional<RowLevel>> levels) {
        var parents = rows.stream().map(SyllabusRow::parent).collect(toSet());
        return IntStream.range(0, rows.size())
                .mapToObj(i -> {
                    var row = rows.get(i);
                    var said = levels.get(i).flatMap(RowLevel::isPoint);
                    var isPoint = !parents.contains(row.code())
                            && said.orElse(!row.statement().isBlank());
                    return isPoint ? point(row) : group(row);
                })
                .toList();
    }

    private static SyllabusRow point(SyllabusRow row) {
        return row.statement().isBlank()
                ? row.saying("", row.title())
                : row.saying("", row.statement()).noting(row.title());
    }

    private static SyllabusRow group(SyllabusRow row) {
        return row.title().isBlank()
                ? row.saying(row.statement(), "")
                : row.saying(row.title(), "").noting(row.statement());
    }

    /** The rows with their text as the statement of a point where nothing stands under them, else as a title. */
    public static List<SyllabusRow> withPoints(List<SyllabusRow> rows) {
        var parents = rows.stream().map(SyllabusRow::parent).collect(toSet());
        return rows.stream()
                .map(row -> {
                    var text = row.title().isBlank() ? row.statement() : row.title();
                    var isPoint = !row.parent().isBlank() && !parents.contains(row.code());
                    return isPoint ? row.saying("", text) : row.saying(text, "");
                })
                .toList();
    }

    private static Optional<String> parent(String code, Set<String> codes) {
        for (var end = code.length() - 1; end > 0; end--) {
            var start = code.substring(0, end).replaceAll("[\\s.,:()/_-]+$", "");
            if (isBoundary(code, end) && codes.contains(start)) {
                return Optional.of(start);
            }
        }
        return Optional.empty();
    }

    /** "12" does not go on from "1", nor "ab" from "a"; "1.2" and "1a" do. */
    private static boolean isBoundary(String code, int at) {
        var before = code.charAt(at - 1);
        var after = code.charAt(at);
        return !(Character.isDigit(before) && Character.isDigit(after))
                && !(Character.isLetter(before) && Character.isLetter(after));
    }
}
