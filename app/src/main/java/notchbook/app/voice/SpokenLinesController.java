package notchbook.app.voice;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.util.List;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.formats.voice.TakeJson;
import notchbook.formats.voice.WebVtt;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Spoken lines in and out as WebVTT. */
@RestController
class SpokenLinesController {
    private static final MediaType VTT = MediaType.parseMediaType("text/vtt;charset=UTF-8");

    /** As many lines as a recording may have, each of some hundred letters, stay below this. In bytes. */
    private static final long LARGEST = 2_000_000;

    private final Entries entries;

    SpokenLinesController(Entries entries) {
        this.entries = entries;
    }

    /** Times in ms. */
    record SpokenLineView(long from, long to, String words) {}

    /** Reads a student's WebVTT file; nothing of it is kept. */
    @PostMapping(path = "/api/spoken-lines-from-file", consumes = "multipart/form-data")
    List<SpokenLineView> read(@AuthenticationPrincipal Person reader, @RequestPart MultipartFile file)
            throws IOException {
        reader.requireStudent();
        if (file.getSize() > LARGEST) {
            throw Refusal.unfit("This WebVTT file is larger than 2 MB. Take out what is no caption.");
        }
        return WebVtt.read(text(file.getBytes())).all().stream()
                .map(line -> new SpokenLineView(line.fromMillis(), line.toMillis(), line.words()))
                .toList();
    }

    private static String text(byte[] bytes) {
        try {
            return UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException odd) {
            throw Refusal.unfit("The letters of this file can't be read. Save it as UTF-8.");
        }
    }

    @GetMapping("/api/entries/{id}/lines.vtt")
    ResponseEntity<byte[]> write(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var entry = entries.require(reader, id);
        if (!entry.kind().isPlayed()) {
            throw Refusal.unfit("Only a recording or a clip has spoken lines.");
        }
        var lines = TakeJson.read(entry.content()).lines();
        if (lines.all().isEmpty()) {
            throw Refusal.unfit("Nothing that is said here is written down yet.");
        }
        var name = entry.caption().isBlank() ? "recording" : entry.caption();
        return Download.of(name, "vtt", VTT, WebVtt.write(lines).getBytes(UTF_8));
    }
}
