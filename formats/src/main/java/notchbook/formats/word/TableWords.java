package notchbook.formats.word;

import java.math.BigInteger;
import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Table;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTTcPr;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STMerge;

/** A table with its joined cells: one of several rows goes on in those below it. */
final class TableWords {
    private final XWPFTable paper;

    /** What the cells of the last rows leave to the next one, by the column in which it begins. */
    private Map<Integer, Piece> left = Map.of();

    private TableWords(XWPFTable paper) {
        this.paper = paper;
    }

    /** What stands at a place: a cell, or what goes on of one above. */
    private record Piece(Cell cell, boolean goesOn, int rows) {
        static Piece of(Cell cell) {
            return new Piece(cell, false, cell.rows());
        }

        Piece below() {
            return new Piece(cell, true, rows - 1);
        }
    }

    static void add(Table table, XWPFTable paper) {
        // A new table comes with a row.
        paper.removeRow(0);
        paper.setWidth("100%");
        var grid = paper.getCTTbl().addNewTblGrid();
        for (var column = 0; column < columns(table); column++) {
            grid.addNewGridCol();
        }
        var words = new TableWords(paper);
        table.rows().forEach(words::add);
    }

    private static int columns(Table table) {
        return table.rows().stream()
                .mapToInt(row -> row.stream().mapToInt(Cell::columns).sum())
                .max()
                .orElse(0);
    }

    private void add(List<Cell> cells) {
        var row = paper.createRow();
        for (var made = row.getTableCells().size(); made > 0; made--) {
            row.removeCell(0);
        }
        var below = new HashMap<Integer, Piece>();
        var waiting = new ArrayDeque<>(cells);
        var column = 0;
        while (left.containsKey(column) || !waiting.isEmpty()) {
            var piece = left.containsKey(column) ? left.get(column) : Piece.of(waiting.removeFirst());
            fill(row.createCell(), piece);
            if (piece.rows() > 1) {
                below.put(column, piece.below());
            }
            column += piece.cell().columns();
        }
        left = below;
    }

    private static void fill(XWPFTableCell place, Piece piece) {
        var properties = properties(place);
        var cell = piece.cell();
        if (cell.columns() > 1) {
            properties.addNewGridSpan().setVal(BigInteger.valueOf(cell.columns()));
        }
        if (cell.rows() > 1) {
            properties.addNewVMerge().setVal(piece.goesOn() ? STMerge.CONTINUE : STMerge.RESTART);
        }
        if (!piece.goesOn()) {
            write(place, cell);
        }
    }

    private static CTTcPr properties(XWPFTableCell place) {
        return place.getCTTc().isSetTcPr()
                ? place.getCTTc().getTcPr()
                : place.getCTTc().addNewTcPr();
    }

    /** A cell comes with its first line. */
    private static void write(XWPFTableCell place, Cell cell) {
        var lines = new Document(cell.content()).lines();
        for (var at = 0; at < lines.size(); at++) {
            var line = at == 0 ? place.getParagraphArray(0) : place.addParagraph();
            InlineWords.add(
                    line,
                    cell.isHeader()
                            ? bold(lines.get(at).content())
                            : lines.get(at).content());
        }
    }

    private static List<Inline> bold(List<Inline> content) {
        return content.stream()
                .map(part -> part instanceof Document.Text(var words, var marks) ? text(words, marks) : part)
                .toList();
    }

    private static Inline text(String words, Set<Document.Mark> marks) {
        var all = new LinkedHashSet<>(marks);
        all.add(Document.Style.BOLD);
        return new Document.Text(words, all);
    }
}
