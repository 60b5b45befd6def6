package notchbook.app.scan;

import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.EntryKind;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.formats.scan.PhotoSetPdf;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The pages of a photo entry as a PDF. */
@RestController
class SetPdfController {
    private final Entries entries;
    private final Media media;

    SetPdfController(Entries entries, Media media) {
        this.entries = entries;
        this.media = media;
    }

    @GetMapping("/api/entries/{id}/pages.pdf")
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var entry = entries.require(reader, id);
        if (entry.kind() != EntryKind.PHOTO) {
            throw Refusal.unfit("Only photos leave as a PDF of their pages. Hand the section out as a PDF instead.");
        }
        var items = media.findAll(entry.shownMedia());
        var pages = entry.photoPages().stream()
                .map(page ->
                        new PhotoSetPdf.Page(page.name(), media.fullContent(items.get(page.picture())), page.layer()))
                .toList();
        var name = entry.name().isBlank() ? "pages" : entry.name();
        return Download.of(name, "pdf", MediaType.APPLICATION_PDF, PhotoSetPdf.write(name, pages));
    }
}
