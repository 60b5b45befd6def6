package notchbook.formats.syllabus;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.LooseRows;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusRow;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.csv.CsvWriter;

/**
 * A syllabus edition as CSV. Of a table of others, the columns are chosen; where it names no parents or has one column of
 * text only, the codes tell what stands under what.
 */
public final class SyllabusCsv {
    private SyllabusCsv() {}

    /** Reads a table whole: its nodes, with ids from {@code ids}, or every breach with its line. */
    public static SyllabusDraft.Result read(CsvFile file, SyllabusColumns columns, Supplier<UUID> ids) {
        if (!columns.areEnough()) {
            return new SyllabusDraft.Result(
                    List.of(),
                    List.of(new Breach(
                            1,
                            "Choose the column of the codes, and one of titles or statements. Our own tables have the columns %s."
                                    .formatted(Stream.of(SyllabusColumn.values())
                                            .map(SyllabusColumn::heading)
                                            .collect(joining(", "))))));
        }
        return SyllabusDraft.check(complete(rows(file, columns), columns), ids);
    }

    /** Writes an edition as a table that {@link #read} reads as the same again. */
    public static byte[] write(Edition edition) {
        return CsvWriter.write(
                Stream.of(SyllabusColumn.values()).map(SyllabusColumn::heading).toList(),
                edition.rows().stream()
                        .map(row -> Stream.of(SyllabusColumn.values())
                                .map(column -> cell(row, column))
                                .toList())
                        .toList());
    }

    private static String cell(SyllabusRow row, SyllabusColumn column) {
        return switch (column) {
            case CODE -> row.code();
            case PARENT -> row.parent();
            case TITLE -> row.title();
            case STATEMENT -> row.statement();
            case WEIGHT -> row.weight();
            case TIER -> row.tier();
            case YEARS -> row.years();
            case NOTE -> row.note();
            case IDENTIFIER -> row.identifier();
        };
    }

    private static List<SyllabusRow> rows(CsvFile file, SyllabusColumns columns) {
        return file.rows().stream().map(row -> row(row, columns)).toList();
    }

    private static List<SyllabusRow> complete(List<SyllabusRow> rows, SyllabusColumns columns) {
        var placed = columns.has(SyllabusColumn.PARENT) ? rows : LooseRows.withParents(rows);
        return columns.hasBothTexts() ? placed : LooseRows.withPoints(placed);
    }

    private static SyllabusRow row(CsvFile.Row row, SyllabusColumns columns) {
        return new SyllabusRow(
                row.line(),
                Optional.empty(),
                columns.cell(row, SyllabusColumn.IDENTIFIER),
                columns.cell(row, SyllabusColumn.CODE),
                columns.cell(row, SyllabusColumn.PARENT),
                columns.cell(row, SyllabusColumn.TITLE),
                columns.cell(row, SyllabusColumn.STATEMENT),
                columns.cell(row, SyllabusColumn.WEIGHT).replace("%", "").strip(),
                columns.cell(row, SyllabusColumn.TIER),
                columns.cell(row, SyllabusColumn.YEARS),
                columns.cell(row, SyllabusColumn.NOTE));
    }
}
