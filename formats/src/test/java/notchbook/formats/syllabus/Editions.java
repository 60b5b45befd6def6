package notchbook.formats.syllabus;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.UUID;
import notchbook.core.syllabus.Edition;
import notchbook.formats.csv.CsvFile;

/** Editions for tests, from a table whose headings say what it holds. */
public final class Editions {
    private Editions() {}

    public static Edition of(String csv) {
        var file = CsvFile.read(csv.getBytes(UTF_8));
        return new Edition(SyllabusCsv.read(file, SyllabusColumns.guess(file.headings()), UUID::randomUUID)
                .nodes());
    }
}
