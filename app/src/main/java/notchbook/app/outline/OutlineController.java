package notchbook.app.outline;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.outline.OutlineViews.LineBody;
import notchbook.app.outline.OutlineViews.OutlineSizesView;
import notchbook.app.outline.OutlineViews.OutlineView;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SentFile;
import notchbook.app.syllabus.EditionLine;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.syllabus.SyllabusFile;
import notchbook.core.outline.Outline;
import notchbook.core.outline.OutlineRows;
import notchbook.core.outline.SourceText;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusRow;
import notchbook.formats.outline.PdfLines;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class OutlineController {
    /** Ten times a syllabus with all its appendices. In letters. */
    private static final int LONGEST_TEXT = 500_000;

    /** Ten times the largest syllabus that we know of. */
    private static final int MOST_LINES = 5_000;

    private final Syllabi syllabi;

    OutlineController(Syllabi syllabi) {
        this.syllabi = syllabi;
    }

    record TextBody(String text) {}

    record LinesBody(List<LineBody> lines) {}

    record OutlineBody(String code, String title, List<LineBody> lines) {}

    /** The outline of a text that was copied out of a document; nothing of it is kept. */
    @PostMapping("/api/outline-texts")
    OutlineView readText(@RequestBody TextBody body) {
        if (body.text().length() > LONGEST_TEXT) {
            throw Refusal.unfit("This text is longer than 500,000 letters. Paste the part that lists the topics.");
        }
        try {
            return found(Outline.of(SourceText.lines(body.text())));
        } catch (IllegalArgumentException tooLong) {
            throw Refusal.unfit(tooLong.getMessage());
        }
    }

    /** The outline of a PDF; nothing of it is kept. */
    @PostMapping(path = "/api/outline-files", consumes = "multipart/form-data")
    OutlineView readPdf(@RequestPart MultipartFile file) throws IOException {
        try (var sent = SentFile.of(file)) {
            return found(Outline.of(PdfLines.read(sent.path())));
        } catch (IllegalArgumentException unreadable) {
            throw Refusal.unfit(unreadable.getMessage());
        }
    }

    /** What lines would make as they stand now; nothing is kept. */
    @PostMapping("/api/outline-lines")
    OutlineSizesView look(@RequestBody LinesBody body) {
        var rows = rows(body.lines());
        var result = SyllabusDraft.check(rows, UUID::randomUUID);
        return new OutlineSizesView(
                rows.stream().map(SyllabusRow::code).toList(),
                count(result, SyllabusNode.Kind.UNIT),
                count(result, SyllabusNode.Kind.TOPIC),
                count(result, SyllabusNode.Kind.POINT),
                result.breaches());
    }

    @PostMapping("/api/outlines")
    @ResponseStatus(HttpStatus.CREATED)
    EditionLine keep(@AuthenticationPrincipal Person reader, @RequestBody OutlineBody body) {
        var file = new SyllabusFile.Rows(rows(body.lines()));
        return EditionLine.of(syllabi.read(Optional.of(reader), body.code(), body.title(), file), reader);
    }

    private static OutlineView found(Outline outline) {
        if (outline.lines().isEmpty()) {
            throw Refusal.unfit("No line of a syllabus was found in this. Paste the part that lists the topics.");
        }
        if (outline.lines().size() > MOST_LINES) {
            throw Refusal.unfit("This holds more than 5,000 lines. Paste the part that lists the topics.");
        }
        return OutlineView.of(outline);
    }

    private static List<SyllabusRow> rows(List<LineBody> lines) {
        if (lines.size() > MOST_LINES) {
            throw Refusal.unfit("A syllabus holds 5,000 lines at most. Leave out what is none of it.");
        }
        return OutlineRows.of(lines.stream().map(LineBody::line).toList());
    }

    private static int count(SyllabusDraft.Result result, SyllabusNode.Kind kind) {
        return (int) result.nodes().stream().filter(node -> node.kind() == kind).count();
    }
}
