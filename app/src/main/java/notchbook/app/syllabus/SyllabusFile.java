package notchbook.app.syllabus;

import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusRow;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.syllabus.CasePackage;
import notchbook.formats.syllabus.SyllabusColumns;
import notchbook.formats.syllabus.SyllabusCsv;

/** A file that an edition can be made of. */
public sealed interface SyllabusFile {
    SyllabusDraft.Result read(Supplier<UUID> ids);

    /** A table, with what its columns hold. */
    record Table(CsvFile table, SyllabusColumns columns) implements SyllabusFile {
        @Override
        public SyllabusDraft.Result read(Supplier<UUID> ids) {
            return SyllabusCsv.read(table, columns, ids);
        }
    }

    /** A CASE package as JSON. */
    record Package(byte[] content) implements SyllabusFile {
        @Override
        public SyllabusDraft.Result read(Supplier<UUID> ids) {
            return CasePackage.read(content, ids).result();
        }
    }

    /** Rows that were told from the text of a document. */
    record Rows(List<SyllabusRow> rows) implements SyllabusFile {
        @Override
        public SyllabusDraft.Result read(Supplier<UUID> ids) {
            return SyllabusDraft.check(rows, ids);
        }
    }

    /** A table whose own headings say what its columns hold. */
    static SyllabusFile ofTable(byte[] content) {
        var table = CsvFile.read(content);
        return new Table(table, SyllabusColumns.guess(table.headings()));
    }

    /** JSON begins with a brace, after spaces and a byte order mark at most; no table of a syllabus does. */
    static boolean isPackage(byte[] content) {
        for (var sign : content) {
            if (sign == '{' || sign == '[') {
                return true;
            }
            if (sign > ' ') {
                return false;
            }
        }
        return false;
    }
}
