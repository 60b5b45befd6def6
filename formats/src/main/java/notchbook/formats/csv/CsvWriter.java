package notchbook.formats.csv;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes tables as CSV (RFC 4180, UTF-8) that spreadsheet programs open rightly and can't run. */
public final class CsvWriter {
    /** Tells spreadsheet programs that the letters are UTF-8. */
    private static final String MARK = "\uFEFF";

    private CsvWriter() {}

    public static byte[] write(List<String> headings, List<List<String>> rows) {
        var text = new StringBuilder(MARK);
        try (var printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(headings);
            for (var row : rows) {
                printer.printRecord(row.stream().map(Formulas::defused).toList());
            }
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return text.toString().getBytes(UTF_8);
    }
}
