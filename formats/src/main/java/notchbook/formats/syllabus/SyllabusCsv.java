package notchbook.formats.syllabus;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusRow;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a syllabus edition from CSV (RFC 4180, UTF-8, with or without byte order mark). Its heading names the columns
 * {@code code, parent, title, statement, weight, tier, exam years} in any order; other columns are passed over.
 */
public final class SyllabusCsv {
    /** Ten times the longest syllabus we know of; keeps a wrong file from filling memory. */
    private static final int MOST_ROWS = 10_000;

    /** Room for a full paragraph as a statement. */
    private static final int LONGEST_CELL = 1_000;

    private static final List<String> COLUMNS =
            List.of("code", "parent", "title", "statement", "weight", "tier", "exam years");

    private SyllabusCsv() {}

    /** Reads a file whole: its nodes, with ids from {@code ids}, or every breach with its line. */
    public static SyllabusDraft.Result read(byte[] file, Supplier<UUID> ids) {
        return decode(file)
                .map(text -> read(text, ids))
                .orElseGet(() ->
                        refused(0, "This is not a text file in UTF-8. Save the table as \"CSV UTF-8\" and try again."));
    }

    private static SyllabusDraft.Result read(String text, Supplier<UUID> ids) {
        try (var parser = CSVParser.parse(new StringReader(text), CSVFormat.RFC4180)) {
            var records = parser.iterator();
            if (!records.hasNext()) {
                return refused(
                        0, "The file is empty. Its first line names the columns: " + String.join(", ", COLUMNS) + ".");
            }
            var columns = columns(records.next());
            var missing = COLUMNS.stream()
                    .filter(column -> !columns.containsKey(column))
                    .toList();
            if (!missing.isEmpty()) {
                return refused(
                        1,
                        "The heading lacks %s. Its first line names the columns: %s."
                                .formatted(String.join(", ", missing), String.join(", ", COLUMNS)));
            }
            var rows = new ArrayList<SyllabusRow>();
            var tooLong = new ArrayList<Breach>();
            var line = (int) parser.getCurrentLineNumber() + 1;
            while (records.hasNext()) {
                var record = records.next();
                if (rows.size() == MOST_ROWS) {
                    return refused(line, "The file has more than 10,000 rows. Is it the right one?");
                }
                if (hasLongCell(record)) {
                    tooLong.add(new Breach(
                            line, "A cell on this line is longer than 1,000 characters. Is a quotation mark missing?"));
                }
                if (!isBlank(record)) {
                    rows.add(row(record, columns, line));
                }
                line = (int) parser.getCurrentLineNumber() + 1;
            }
            return tooLong.isEmpty()
                    ? SyllabusDraft.check(rows, ids)
                    : new SyllabusDraft.Result(List.of(), List.copyOf(tooLong));
        } catch (IOException | UncheckedIOException unreadable) {
            return refused(
                    0,
                    "The file is no CSV table that can be read: a quotation mark opens and never closes, or stands where none may.");
        }
    }

    private static Map<String, Integer> columns(CSVRecord heading) {
        var columns = new HashMap<String, Integer>();
        for (var i = 0; i < heading.size(); i++) {
            columns.putIfAbsent(heading.get(i).strip().toLowerCase(Locale.ROOT).replace('_', ' '), i);
        }
        return columns;
    }

    private static SyllabusRow row(CSVRecord record, Map<String, Integer> columns, int line) {
        var cells = COLUMNS.stream()
                .map(column -> cell(record, columns.get(column)))
                .toList();
        return new SyllabusRow(
                line, cells.get(0), cells.get(1), cells.get(2), cells.get(3), cells.get(4), cells.get(5), cells.get(6));
    }

    private static String cell(CSVRecord record, int column) {
        return column < record.size() ? record.get(column).strip() : "";
    }

    private static boolean isBlank(CSVRecord record) {
        return record.stream().allMatch(String::isBlank);
    }

    private static boolean hasLongCell(CSVRecord record) {
        return record.stream().anyMatch(cell -> cell.length() > LONGEST_CELL);
    }

    private static Optional<String> decode(byte[] file) {
        try {
            var text = UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
            return Optional.of(text.startsWith("\uFEFF") ? text.substring(1) : text);
        } catch (CharacterCodingException notUtf8) {
            return Optional.empty();
        }
    }

    private static SyllabusDraft.Result refused(int line, String message) {
        return new SyllabusDraft.Result(List.of(), List.of(new Breach(line, message)));
    }
}
