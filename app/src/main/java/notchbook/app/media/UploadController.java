package notchbook.app.media;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Takes large files in: first their parts, then the whole under the id that its sender chose. */
@RestController
class UploadController {
    static final String PATH = "/api/uploads";

    private final Uploads uploads;
    private final Media media;

    UploadController(Uploads fileUploads, Media media) {
        this.uploads = fileUploads;
        this.media = media;
    }

    /** A file whose parts have all arrived: the path of its upload, and its name on the sender's device. */
    record Arrived(String upload, String name, boolean cutOff) {}

    @Hidden
    @CarriesUploads({PATH, PATH + "/**"})
    void carry(@AuthenticationPrincipal Person reader, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        uploads.answer(reader, request, response);
    }

    @PutMapping("/api/media/{id}/from-upload")
    MediaView take(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody Arrived arrived)
            throws IOException {
        var file = uploads.whole(reader, arrived.upload()).orElseThrow(() -> Refusal.notFound("upload"));
        try {
            var item = media.take(reader, new Incoming(id, arrived.name(), file, arrived.cutOff()));
            uploads.forget(reader, arrived.upload());
            return MediaView.of(item);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
