package notchbook.formats.file;

import java.util.List;
import notchbook.core.text.Document.Table;

/** How much of a table is taken. */
enum Extent {
    /** All of it; a table that is larger than one of a notebook is refused. */
    WHOLE,
    /** The first rows and columns, as many as a table of a notebook has. */
    WHAT_FITS;

    /** Rows beyond these need not be read. */
    static final int MOST_READ = Table.MOST_ROWS + 1;

    List<List<String>> of(List<List<String>> rows) {
        var isTooLarge =
                rows.size() > Table.MOST_ROWS || rows.stream().anyMatch(row -> row.size() > Table.MOST_COLUMNS);
        if (this == WHOLE && isTooLarge) {
            throw new IllegalArgumentException(
                    "A table has up to 30 columns and 1,000 rows. Take the part that you need out of it.");
        }
        return rows.stream()
                .limit(Table.MOST_ROWS)
                .map(row -> row.subList(0, Math.min(row.size(), Table.MOST_COLUMNS)))
                .toList();
    }
}
