package notchbook.app.ink;

import static java.nio.charset.StandardCharsets.UTF_8;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.ink.DrawingSvg;
import notchbook.formats.ink.InkMl;
import notchbook.formats.ink.InkMlReader;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Ink in open formats: InkML in and out, SVG out. */
@RestController
class InkFileController {
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    private static final MediaType INKML = MediaType.parseMediaType("application/inkml+xml");

    /** A drawing of as many points as one may have stays below this. In bytes. */
    private static final long LARGEST = 20_000_000;

    private final Entries entries;
    private final JsonMapper mapper;

    InkFileController(Entries entries, JsonMapper mapper) {
        this.entries = entries;
        this.mapper = mapper;
    }

    /** A drawing as an entry holds it. */
    record InkFileView(
            @Schema(implementation = Object.class) JsonNode content) {}

    /** Reads a student's InkML file as a drawing; nothing of the file is kept. */
    @PostMapping(path = "/api/ink-from-file", consumes = "multipart/form-data")
    InkFileView read(@AuthenticationPrincipal Person reader, @RequestPart MultipartFile file) throws IOException {
        reader.requireStudent();
        if (file.getSize() > LARGEST) {
            throw Refusal.unfit("This InkML file is larger than 20 MB. Export fewer pages at once.");
        }
        try (var in = file.getInputStream()) {
            return new InkFileView(mapper.readTree(DrawingJson.write(InkMlReader.read(in))));
        }
    }

    @GetMapping("/api/entries/{id}/ink.inkml")
    ResponseEntity<byte[]> inkMl(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var entry = requireInk(reader, id);
        return file(entry, "inkml", INKML, InkMl.write(DrawingJson.read(entry.content())));
    }

    @GetMapping("/api/entries/{id}/ink.svg")
    ResponseEntity<byte[]> svg(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var entry = requireInk(reader, id);
        return file(entry, "svg", SVG, DrawingSvg.write(DrawingJson.read(entry.content()), entry.name()));
    }

    private Entry requireInk(Person reader, UUID id) {
        var entry = entries.require(reader, id);
        if (entry.kind() != EntryKind.INK) {
            throw Refusal.unfit("Only ink leaves as a drawing.");
        }
        return entry;
    }

    private static ResponseEntity<byte[]> file(Entry entry, String ending, MediaType type, String content) {
        var name = entry.caption().isBlank() ? "drawing" : entry.caption();
        return Download.of(name, ending, type, content.getBytes(UTF_8));
    }
}
