package notchbook.formats.file;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import notchbook.core.text.Document;
import notchbook.formats.csv.CsvFile;
import org.apache.commons.csv.CSVParser;

/** CSV (RFC 4180) with commas, semicolons or tabs, as its first line has them; that line becomes the heading row. */
final class CsvTable {
    private CsvTable() {}

    static Document read(String text, Extent extent) {
        try (var parser = CSVParser.parse(new StringReader(text), CsvFile.format(text))) {
            return new Document(List.of(SheetTable.table(extent.of(parser.stream()
                    .limit(Extent.MOST_READ)
                    .map(record -> record.toList())
                    .toList()))));
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new IllegalArgumentException("This table is broken: a quotation mark is not closed.", broken);
        }
    }
}
