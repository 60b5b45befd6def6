package notchbook.formats.sheet;

import java.util.Arrays;
import java.util.List;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.Table;

/** How wide the columns of a table are to each other, by what stands in them. */
final class TableColumns {
    // In letters: a column of figures needs a few, and one of sentences may break its lines.
    private static final int NARROWEST = 5;
    private static final int WIDEST = 42;

    private TableColumns() {}

    /** The share of each column; they sum to 1. A cell over several columns asks for nothing of its own. */
    static double[] widths(Table table) {
        var columns =
                table.rows().stream().mapToInt(TableColumns::columns).max().orElse(1);
        var letters = new double[Math.max(1, columns)];
        Arrays.fill(letters, NARROWEST);
        for (var row : table.rows()) {
            var column = 0;
            for (var cell : row) {
                if (cell.columns() == 1) {
                    letters[column] = Math.max(letters[column], Math.min(WIDEST, longestLine(cell)));
                }
                column += cell.columns();
            }
        }
        var sum = Arrays.stream(letters).sum();
        return Arrays.stream(letters).map(width -> width / sum).toArray();
    }

    private static int columns(List<Cell> row) {
        return row.stream().mapToInt(Cell::columns).sum();
    }

    private static int longestLine(Cell cell) {
        return new Document(cell.content())
                .plainText()
                .lines()
                .mapToInt(String::length)
                .max()
                .orElse(0);
    }
}
