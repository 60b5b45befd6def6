package notchbook.app.media;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SentFile;
import notchbook.formats.document.DocumentJson;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@RestController
class MediaController {
    /** What is served can run nothing, even when somebody opens it by itself. */
    private static final String SANDBOX =
            "default-src 'none'; img-src 'self'; media-src 'self'; style-src 'unsafe-inline'; sandbox";

    private static final Duration NEVER_CHANGES = Duration.ofDays(365);

    private final Media media;
    private final JsonMapper mapper;

    MediaController(Media media, JsonMapper mapper) {
        this.media = media;
        this.mapper = mapper;
    }

    /** Takes a file in under the sender's own id, so that a sender who heard no answer can send it again. */
    @PutMapping(path = "/api/media/{id}", consumes = "multipart/form-data")
    MediaView take(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestPart MultipartFile file,
            @RequestParam(defaultValue = "false") boolean cutOff)
            throws IOException {
        try (var sent = SentFile.of(file)) {
            return MediaView.of(media.take(reader, new Incoming(id, sent.name(), sent.path(), cutOff)));
        }
    }

    /** The full picture, the sound (in ranges too) or the file. */
    @GetMapping("/api/media/{id}")
    ResponseEntity<Resource> full(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var item = media.requireVisible(reader, id);
        return answer(item, servedType(item), false);
    }

    /** The picture in the size of a screen. */
    @GetMapping("/api/media/{id}/screen")
    ResponseEntity<Resource> screen(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var item = media.requireVisible(reader, id);
        return answer(item, item.screenSha256().isPresent() ? "image/jpeg" : servedType(item), true);
    }

    /** The compact copy of a recording or a clip, to be listened to or watched (in ranges too). */
    @GetMapping("/api/media/{id}/compact")
    ResponseEntity<Resource> compact(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var item = media.requireVisible(reader, id);
        if (!item.hasCompactCopy()) {
            throw Refusal.notFound("compact copy");
        }
        return answer(item, item.compactType(), true);
    }

    /** The picture of a clip at a moment in ms. */
    @GetMapping(path = "/api/media/{id}/still", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> still(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam(defaultValue = "0") long at) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(NEVER_CHANGES).cachePrivate().immutable())
                .header("Content-Security-Policy", SANDBOX)
                .body(media.still(reader, id, at));
    }

    /** Typed text as an entry holds it; {@code cut} when the file goes on. */
    record LookView(@Schema(implementation = Object.class) JsonNode content, boolean cut) {}

    /** The beginning of a document or a table, as text that can run nothing. */
    @GetMapping("/api/media/{id}/look")
    LookView look(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var look = media.look(reader, id);
        return new LookView(mapper.readTree(DocumentJson.write(look.start())), look.isCut());
    }

    /** A browser is told of no type that it could open by itself, but for PDF, which it shows in a place of its own. */
    private static String servedType(MediaItem item) {
        var isOpened = item.kind() != MediaKind.FILE || item.type().equals(MediaType.APPLICATION_PDF_VALUE);
        return isOpened ? item.type() : MediaType.APPLICATION_OCTET_STREAM_VALUE;
    }

    private ResponseEntity<Resource> answer(MediaItem item, String type, boolean forScreen) {
        var disposition = item.kind() == MediaKind.FILE ? ContentDisposition.attachment() : ContentDisposition.inline();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .cacheControl(CacheControl.maxAge(NEVER_CHANGES).cachePrivate().immutable())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        disposition
                                .filename(item.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header("Content-Security-Policy", SANDBOX)
                .body(new FileSystemResource(media.content(item, forScreen)));
    }
}
