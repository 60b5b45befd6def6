package notchbook.formats.syllabus;

import static java.util.stream.Collectors.joining;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.LooseRows;
import notchbook.core.syllabus.RowLevel;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusRow;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.csv.CsvWriter;

/**
 * A syllabus edition as CSV. Of a table of others, the columns are chosen; where it names no parents or has one column of
 * text only, the codes tell what stands under what.
 */
public final class SyllabusCsv {
    /** The columns of our own tables: there a row with a statement is a point. */
    private static final Set<SyllabusColumn> WRITTEN = EnumSet.complementOf(EnumSet.of(SyllabusColumn.LEVEL));

    private SyllabusCsv() {}

    /** Reads a table whole: its nodes, with ids from {@code ids}, or every breach with its line. */
    public static SyllabusDraft.Result read(CsvFile file, SyllabusColumns columns, Supplier<UUID> ids) {
        if (!columns.areEnough()) {
            return new SyllabusDraft.Result(
                    List.of(),
                    List.of(new Breach(
                            1,
                            "Choose the column of the codes, and one of titles or statements. Our own tables have the columns %s."
                                    .formatted(WRITTEN.stream()
                                            .map(SyllabusColumn::heading)
                                            .collect(joining(", "))))));
        }
        return SyllabusDraft.check(complete(file, columns), ids);
    }

    /** Writes an edition as a table that {@link #read} reads as the same again. */
    public static byte[] write(Edition edition) {
        return CsvWriter.write(
                WRITTEN.stream().map(SyllabusColumn::heading).toList(),
                edition.rows().stream()
                        .map(row -> WRITTEN.stream()
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
            case LEVEL -> throw new IllegalArgumentException("Our own tables tell by the text what a row is.");
        };
    }

    private static List<SyllabusRow> complete(CsvFile file, SyllabusColumns columns) {
        var rows = file.rows().stream().map(row -> row(row, columns)).toList();
        var levels = levels(file, columns);
        if (!columns.has(SyllabusColumn.PARENT)) {
            rows = LooseRows.withParents(rows, levels);
        }
        return columns.hasBothTexts() ? LooseRows.withKinds(rows, levels) : LooseRows.withPoints(rows);
    }

    /** What the column of levels says of each row, none where the table has no such column. */
    private static List<Optional<RowLevel>> levels(CsvFile file, SyllabusColumns columns) {
        return file.rows().stream()
                .map(row -> RowLevel.of(columns.cell(row, SyllabusColumn.LEVEL)))
                .toList();
    }

    /** Some tables call the tier a level. */
    private static String tier(CsvFile.Row row, SyllabusColumns columns) {
        var level = columns.cell(row, SyllabusColumn.LEVEL);
        return !columns.has(SyllabusColumn.TIER) && level.strip().matches("(?i)core|extended")
                ? level
                : columns.cell(row, SyllabusColumn.TIER);
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
                tier(row, columns),
                columns.cell(row, SyllabusColumn.YEARS),
                columns.cell(row, SyllabusColumn.NOTE));
    }
}
