package notchbook.app.syllabus;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.handin.Sha256;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.syllabus.CasePackage;
import notchbook.formats.syllabus.SyllabusColumn;
import notchbook.formats.syllabus.SyllabusColumns;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks into files that people want to make an edition of, and remembers what the columns of their tables hold. */
@Service
class SyllabusFiles {
    /** Rows of a table that are shown, so that its columns can be told. */
    private static final int SHOWN = 5;

    private final SyllabusStore store;

    SyllabusFiles(SyllabusStore store) {
        this.store = store;
    }

    /** What is in a file: a table with its first rows, or a package; what an edition of it would hold, or what to mend. */
    record Look(
            boolean isTable,
            String code,
            String title,
            List<String> headings,
            List<List<String>> firstRows,
            Map<SyllabusColumn, Integer> places,
            int units,
            int topics,
            int points,
            List<Breach> breaches) {}

    Look look(Person reader, byte[] content, Optional<SyllabusColumns> chosen) {
        if (SyllabusFile.isPackage(content)) {
            var read = CasePackage.read(content, UUID::randomUUID);
            return look(false, read.code(), read.title(), List.of(), List.of(), Map.of(), read.result());
        }
        var table = CsvFile.read(content);
        var columns = columns(reader, table, chosen);
        return look(
                true,
                "",
                "",
                table.headings(),
                table.rows().stream().limit(SHOWN).map(CsvFile.Row::cells).toList(),
                columns.places(),
                new SyllabusFile.Table(table, columns).read(UUID::randomUUID));
    }

    /** A file to be read; columns that were chosen for its table are remembered for the next one like it. */
    @Transactional
    SyllabusFile open(Person reader, byte[] content, Optional<SyllabusColumns> chosen) {
        if (SyllabusFile.isPackage(content)) {
            return new SyllabusFile.Package(content);
        }
        var table = CsvFile.read(content);
        chosen.ifPresent(columns -> store.rememberColumns(reader.id(), key(table), columns));
        return new SyllabusFile.Table(table, columns(reader, table, chosen));
    }

    private SyllabusColumns columns(Person reader, CsvFile table, Optional<SyllabusColumns> chosen) {
        return chosen.or(() -> store.columns(reader.id(), key(table)))
                .orElseGet(() -> SyllabusColumns.guess(table.headings()));
    }

    private static String key(CsvFile table) {
        return Sha256.hex(String.join("\n", table.headings()).getBytes(UTF_8));
    }

    private static Look look(
            boolean isTable,
            String code,
            String title,
            List<String> headings,
            List<List<String>> firstRows,
            Map<SyllabusColumn, Integer> places,
            SyllabusDraft.Result result) {
        return new Look(
                isTable,
                code,
                title,
                headings,
                firstRows,
                places,
                count(result, SyllabusNode.Kind.UNIT),
                count(result, SyllabusNode.Kind.TOPIC),
                count(result, SyllabusNode.Kind.POINT),
                result.breaches());
    }

    private static int count(SyllabusDraft.Result result, SyllabusNode.Kind kind) {
        return (int) result.nodes().stream().filter(node -> node.kind() == kind).count();
    }
}
