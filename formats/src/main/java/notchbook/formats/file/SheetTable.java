package notchbook.formats.file;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/** XLSX (Office Open XML): a table for each sheet, its first row as the heading row. */
final class SheetTable {
    private SheetTable() {}

    static Document read(ZipParts parts, Extent extent) {
        try (var workbook = new ReadableWorkbook(new ByteArrayInputStream(parts.file()))) {
            var blocks = new ArrayList<Block>();
            for (var sheet : workbook.getSheets().toList()) {
                var rows = extent.of(rows(sheet));
                if (!rows.isEmpty()) {
                    blocks.add(new Heading(2, List.of(new Text(sheet.getName(), Set.of()))));
                    blocks.add(table(rows));
                }
            }
            return new Document(blocks);
        } catch (IOException broken) {
            throw broken(broken);
        }
    }

    /** A table of words; rows that are too short get empty cells. */
    static Table table(List<List<String>> rows) {
        var columns = rows.stream().mapToInt(List::size).max().orElse(0);
        return new Table(IntStream.range(0, rows.size())
                .mapToObj(row -> IntStream.range(0, columns)
                        .mapToObj(column -> cell(
                                row == 0,
                                column < rows.get(row).size() ? rows.get(row).get(column) : ""))
                        .toList())
                .toList());
    }

    private static Cell cell(boolean isHeader, String words) {
        var content = words.isBlank()
                ? List.<Document.Inline>of()
                : List.<Document.Inline>of(new Text(words.strip(), Set.of()));
        return new Cell(isHeader, 1, 1, List.of(new Paragraph(content)));
    }

    private static List<List<String>> rows(Sheet sheet) {
        try (var rows = sheet.openStream()) {
            return rows.limit(Extent.MOST_READ)
                    .map(SheetTable::words)
                    .filter(row -> row.stream().anyMatch(word -> !word.isBlank()))
                    .toList();
        } catch (IOException | RuntimeException broken) {
            throw broken(broken);
        }
    }

    private static List<String> words(Row row) {
        return row.stream().map(cell -> cell == null ? "" : words(cell)).toList();
    }

    private static String words(org.dhatim.fastexcel.reader.Cell cell) {
        var format = cell.getDataFormatString();
        var isDay = cell.getType() == CellType.NUMBER && format != null && format.contains("yy");
        return isDay ? cell.asDate().toLocalDate().toString() : cell.getText();
    }

    private static IllegalArgumentException broken(Exception cause) {
        return new IllegalArgumentException("This table is broken inside. Open it and save it once more.", cause);
    }
}
