package notchbook.formats.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A CSV file as it was read (RFC 4180): its heading and the rows below it that are not blank. Commas, semicolons and tabs
 * are known by the heading; the letters are read as {@link Letters} says.
 */
public record CsvFile(List<String> headings, List<Row> rows) {
    /** Ten times the longest table that we know of; keeps a wrong file from filling memory. */
    private static final int MOST_ROWS = 10_000;

    /** A row with the line that it begins on, counted from 1. */
    public record Row(int line, List<String> cells) {
        /** A cell without spaces around it; empty where the row is too short. */
        public String cell(int column) {
            return column < cells.size() ? Formulas.asWritten(cells.get(column).strip()) : "";
        }
    }

    /**
     * Reads a file whole.
     *
     * @throws IllegalArgumentException with a sentence for the sender, when it is no table of text
     */
    public static CsvFile read(byte[] file) {
        var text = Letters.of(file);
        try (var parser = CSVParser.parse(new StringReader(text), format(text))) {
            var records = parser.iterator();
            if (!records.hasNext()) {
                throw new IllegalArgumentException("The file is empty. Its first line names the columns.");
            }
            var headings = records.next().toList().stream().map(String::strip).toList();
            var rows = new ArrayList<Row>();
            var line = (int) parser.getCurrentLineNumber() + 1;
            while (records.hasNext()) {
                var record = records.next();
                if (rows.size() == MOST_ROWS) {
                    throw new IllegalArgumentException("The file has more than 10,000 rows. Is it the right one?");
                }
                if (!isBlank(record)) {
                    rows.add(new Row(line, record.toList()));
                }
                line = (int) parser.getCurrentLineNumber() + 1;
            }
            return new CsvFile(headings, List.copyOf(rows));
        } catch (IOException | UncheckedIOException unreadable) {
            throw new IllegalArgumentException(
                    "The file is no CSV table that can be read: a quotation mark opens and never closes, or stands where none may.",
                    unreadable);
        }
    }

    /** The way that a table's first line sets its cells apart. */
    public static CSVFormat format(String text) {
        return CSVFormat.RFC4180.builder().setDelimiter(delimiter(text)).get();
    }

    private static char delimiter(String text) {
        var counts = new int[3];
        var signs = ",;\t";
        var isQuoted = false;
        for (var i = 0; i < text.length() && (isQuoted || text.charAt(i) != '\n'); i++) {
            isQuoted ^= text.charAt(i) == '"';
            var sign = signs.indexOf(text.charAt(i));
            if (sign >= 0 && !isQuoted) {
                counts[sign]++;
            }
        }
        var most = counts[1] > counts[0] ? 1 : 0;
        return signs.charAt(counts[2] > counts[most] ? 2 : most);
    }

    private static boolean isBlank(CSVRecord record) {
        return record.stream().allMatch(String::isBlank);
    }
}
