package notchbook.app.syllabus;

import static java.util.stream.Collectors.toMap;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.core.syllabus.Breach;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusRow;
import notchbook.core.syllabus.Tier;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.syllabus.CaseWriter;
import notchbook.formats.syllabus.SyllabusColumn;
import notchbook.formats.syllabus.SyllabusColumns;
import notchbook.formats.syllabus.SyllabusCsv;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class SyllabusController {
    /** Ten times the largest syllabus that we know of. In bytes. */
    private static final long LARGEST_FILE = 5_000_000;

    /** Rows of a table that are shown, so that its columns can be told. */
    private static final int ROWS_SHOWN = 5;

    private final Syllabi syllabi;
    private final SyllabusFiles files;

    SyllabusController(Syllabi syllabi, SyllabusFiles files) {
        this.syllabi = syllabi;
        this.files = files;
    }

    record EditionView(
            UUID id,
            String code,
            String title,
            int version,
            boolean isKept,
            Optional<UUID> documentId,
            List<NodeView> nodes) {}

    /** A line as somebody wrote it; {@code parent} is the code of the line that it stands under, empty for a unit. */
    record RowBody(
            Optional<UUID> id,
            String code,
            String parent,
            String text,
            boolean isPoint,
            String weight,
            Tier tier,
            String years,
            String note) {}

    record EditionBody(int baseVersion, String code, String title, List<RowBody> rows) {}

    record DocumentBody(Optional<UUID> mediaId) {}

    record ColumnView(SyllabusColumn column, int place) {}

    record SyllabusLookView(
            boolean isTable,
            String code,
            String title,
            List<String> headings,
            List<List<String>> firstRows,
            List<ColumnView> columns,
            int units,
            int topics,
            int points,
            List<Breach> lines) {}

    @GetMapping("/api/editions")
    List<EditionLine> editions(@AuthenticationPrincipal Person reader) {
        return syllabi.editions(reader).stream()
                .filter(info -> !info.isBlank())
                .map(info -> EditionLine.of(info, reader))
                .toList();
    }

    @GetMapping("/api/editions/{id}")
    EditionView edition(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var info = syllabi.requireInfo(reader, id);
        return new EditionView(
                id,
                info.code(),
                info.title(),
                info.version(),
                info.isKeptBy(reader),
                info.documentId(),
                syllabi.edition(id).nodes().map(NodeView::of).toList());
    }

    /** What is in a file that somebody may make an edition of; nothing of it is kept. */
    @PostMapping(path = "/api/edition-files", consumes = "multipart/form-data")
    SyllabusLookView look(
            @AuthenticationPrincipal Person reader,
            @RequestParam(defaultValue = "") List<String> columns,
            @RequestPart MultipartFile file)
            throws IOException {
        return view(files.look(reader, bytes(file), columns(columns)));
    }

    @PostMapping(path = "/api/editions", consumes = "multipart/form-data")
    @ResponseStatus(HttpStatus.CREATED)
    EditionLine read(
            @AuthenticationPrincipal Person reader,
            @RequestParam String code,
            @RequestParam String title,
            @RequestParam(defaultValue = "") List<String> columns,
            @RequestPart MultipartFile file)
            throws IOException {
        var opened = files.open(reader, bytes(file), columns(columns));
        return EditionLine.of(syllabi.read(Optional.of(reader), code, title, opened), reader);
    }

    @PutMapping("/api/editions/{id}")
    EditionLine change(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody EditionBody body) {
        var rows = IntStream.range(0, body.rows().size())
                .mapToObj(i -> row(i + 1, body.rows().get(i)))
                .toList();
        return EditionLine.of(
                syllabi.change(reader, id, new Syllabi.Change(body.baseVersion(), body.code(), body.title(), rows)),
                reader);
    }

    @PutMapping("/api/editions/{id}/document")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setDocument(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody DocumentBody body) {
        syllabi.setDocument(reader, id, body.mediaId());
    }

    @GetMapping("/api/editions/{id}/syllabus.csv")
    ResponseEntity<byte[]> csv(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var info = syllabi.requireInfo(reader, id);
        return Download.csv(info.name(), SyllabusCsv.write(syllabi.edition(id)));
    }

    @GetMapping("/api/editions/{id}/case.json")
    ResponseEntity<byte[]> casePackage(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var info = syllabi.requireInfo(reader, id);
        var content = CaseWriter.write(syllabi.edition(id), id, info.code(), info.title(), info.changedAt());
        return Download.of(info.name(), "json", MediaType.APPLICATION_JSON, content);
    }

    private static SyllabusLookView view(SyllabusFiles.Look look) {
        var table =
                look.file() instanceof SyllabusFile.Table one ? Optional.of(one) : Optional.<SyllabusFile.Table>empty();
        return new SyllabusLookView(
                table.isPresent(),
                look.code(),
                look.title(),
                table.map(one -> one.table().headings()).orElse(List.of()),
                table.map(SyllabusController::firstRows).orElse(List.of()),
                table.map(SyllabusController::columns).orElse(List.of()),
                look.count(SyllabusNode.Kind.UNIT),
                look.count(SyllabusNode.Kind.TOPIC),
                look.count(SyllabusNode.Kind.POINT),
                look.result().breaches());
    }

    private static List<List<String>> firstRows(SyllabusFile.Table table) {
        return table.table().rows().stream()
                .limit(ROWS_SHOWN)
                .map(CsvFile.Row::cells)
                .toList();
    }

    private static List<ColumnView> columns(SyllabusFile.Table table) {
        return table.columns().places().entrySet().stream()
                .map(place -> new ColumnView(place.getKey(), place.getValue()))
                .toList();
    }

    private static SyllabusRow row(int line, RowBody body) {
        return new SyllabusRow(
                line,
                body.id(),
                "",
                body.code().strip(),
                body.parent().strip(),
                body.isPoint() ? "" : body.text().strip(),
                body.isPoint() ? body.text().strip() : "",
                body.weight(),
                body.tier().name(),
                body.years(),
                body.note());
    }

    private static byte[] bytes(MultipartFile file) throws IOException {
        if (file.getSize() > LARGEST_FILE) {
            throw Refusal.unfit(
                    "This file is larger than 5 MB. A syllabus is a table or a CASE package: is it the right file?");
        }
        return file.getBytes();
    }

    /** Columns as they were chosen, each as its meaning and its place from 0, such as {@code CODE:2}. */
    private static Optional<SyllabusColumns> columns(List<String> chosen) {
        return chosen.isEmpty()
                ? Optional.empty()
                : Optional.of(new SyllabusColumns(chosen.stream()
                        .collect(toMap(
                                SyllabusController::column, SyllabusController::place, (first, again) -> again))));
    }

    private static SyllabusColumn column(String chosen) {
        return Stream.of(SyllabusColumn.values())
                .filter(column -> chosen.startsWith(column.name() + ":"))
                .findFirst()
                .orElseThrow(
                        () -> Refusal.unfit("A column was chosen that no syllabus has. Choose the columns again."));
    }

    private static int place(String chosen) {
        var place = chosen.substring(chosen.indexOf(':') + 1);
        if (!place.matches("\\d{1,3}")) {
            throw Refusal.unfit("A column was chosen that the table does not have. Choose the columns again.");
        }
        return Integer.parseInt(place);
    }
}
