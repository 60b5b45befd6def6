package notchbook.app.entry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import notchbook.app.people.Person;
import notchbook.app.platform.SentFile;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.file.FileText;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a student's file as typed text; nothing of the file is kept. */
@RestController
class FileTextController {
    private final JsonMapper mapper;

    FileTextController(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** Typed text as an entry holds it. */
    record FileTextView(
            @Schema(implementation = Object.class) JsonNode content) {}

    @PostMapping(path = "/api/text-from-file", consumes = "multipart/form-data")
    FileTextView read(@AuthenticationPrincipal Person reader, @RequestPart MultipartFile file) throws IOException {
        reader.requireStudent();
        try (var sent = SentFile.of(file)) {
            var document = FileText.read(sent.name(), sent.path());
            return new FileTextView(mapper.readTree(DocumentJson.write(document)));
        }
    }
}
