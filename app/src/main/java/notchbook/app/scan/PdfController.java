package notchbook.app.scan;

import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import notchbook.app.media.Incoming;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SentFile;
import notchbook.formats.pdf.PdfPages;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Pages of a PDF for the bench, one in each request: a page that can't be drawn stops none of the others. */
@RestController
class PdfController {
    /** A page takes as much memory as a photo of 12 megapixels: two at a time fit. */
    private final Semaphore drawing = new Semaphore(2);

    private final Scans scans;
    private final ScanViews views;
    private final Media media;

    PdfController(Scans scans, ScanViews views, Media media) {
        this.scans = scans;
        this.views = views;
        this.media = media;
    }

    record PagesView(String name, int pages) {}

    /** Which page of which PDF of the reader's, counted from 1. */
    record PdfPageBody(UUID fileId, int page) {}

    @GetMapping("/api/media/{id}/pdf-pages")
    PagesView pages(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var file = requirePdf(reader, id);
        return new PagesView(file.name(), PdfPages.count(media.place(file)));
    }

    @PutMapping("/api/scans/{id}/pdf-pages/{shot}")
    ScanView lay(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID shot,
            @RequestBody PdfPageBody body)
            throws IOException {
        scans.require(reader, id);
        var file = requirePdf(reader, body.fileId());
        var name = file.name().replaceFirst("(?i)\\.pdf$", "") + " " + body.page() + ".jpg";
        drawing.acquireUninterruptibly();
        try (var drawn = SentFile.of(name, PdfPages.jpeg(media.place(file), body.page()))) {
            media.take(reader, Incoming.whole(shot, drawn.name(), drawn.path()));
        } finally {
            drawing.release();
        }
        scans.layWhole(reader, id, shot);
        return views.of(reader, scans.require(reader, id));
    }

    private MediaItem requirePdf(Person reader, UUID id) {
        return Optional.of(media.requireOwned(reader, id))
                .filter(item -> item.type().equals(MediaType.APPLICATION_PDF_VALUE))
                .orElseThrow(() -> Refusal.unfit("Only a PDF has pages that can be laid on the bench."));
    }
}
