package notchbook.app.syllabus;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.seal.Sha256;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.syllabus.CasePackage;
import notchbook.formats.syllabus.SyllabusColumns;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks into files that people want to make an edition of, and remembers what the columns of their tables hold. */
@Service
class SyllabusFiles {
    private final SyllabusStore store;

    SyllabusFiles(SyllabusStore store) {
        this.store = store;
    }

    /** A file with the code and title that it gives itself, and what came of reading it. */
    record Look(SyllabusFile file, String code, String title, SyllabusDraft.Result result) {
        int count(SyllabusNode.Kind kind) {
            return (int)
                    result.nodes().stream().filter(node -> node.kind() == kind).count();
        }
    }

    Look look(Person reader, byte[] content, Optional<SyllabusColumns> chosen) {
        if (SyllabusFile.isPackage(content)) {
            var read = CasePackage.read(content, UUID::randomUUID);
            return new Look(new SyllabusFile.Package(content), read.code(), read.title(), read.result());
        }
        var table = CsvFile.read(content);
        var file = new SyllabusFile.Table(table, columns(reader, table, chosen));
        return new Look(file, "", "", file.read(UUID::randomUUID));
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
        return Sha256.hex(String.join("\n", table.headings()));
    }
}
