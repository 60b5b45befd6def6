package notchbook.app.copy;

import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.MadeState;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfWish;
import notchbook.formats.pdf.PdfWish.Sounds;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

@RestController
class CopyController {
    private final Copies copies;

    CopyController(Copies copies) {
        this.copies = copies;
    }

    /** A copy of what; the rest says how a PDF is wanted: for A4, with its sounds listed, where nothing is said. */
    record CopyBody(
            CopyKind kind,
            UUID of,
            CopyForm form,
            Optional<PaperSize> paper,
            Optional<Sounds> sounds,
            Optional<Boolean> isBook,
            Optional<Boolean> isTwoUp) {
        PdfWish pdf() {
            return new PdfWish(
                    paper.orElse(PaperSize.A4),
                    isBook.orElse(false),
                    sounds.orElse(Sounds.LISTED),
                    isTwoUp.orElse(false));
        }
    }

    /** How far a copy is made, from 0 to 1; its size in bytes once it is ready; why it failed if it did. */
    record CopyView(
            UUID id,
            CopyKind kind,
            UUID of,
            CopyForm form,
            PaperSize paper,
            String title,
            MadeState state,
            double share,
            long bytes,
            String words,
            Instant wantedAt) {
        static CopyView of(Copy copy) {
            return new CopyView(
                    copy.id(),
                    copy.kind(),
                    copy.of(),
                    copy.form(),
                    copy.pdf().paper(),
                    copy.title(),
                    copy.state(),
                    copy.share(),
                    copy.bytes(),
                    copy.words(),
                    copy.wantedAt());
        }
    }

    /** The reader's own, the latest first. */
    @GetMapping("/api/copies")
    List<CopyView> all(@AuthenticationPrincipal Person reader) {
        return copies.of(reader).stream().map(CopyView::of).toList();
    }

    @PutMapping("/api/copies/{id}")
    CopyView make(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody CopyBody body) {
        return CopyView.of(
                copies.make(reader, new Copies.Wish(id, body.kind(), body.of(), body.form(), body.pdf(), origin())));
    }

    @GetMapping("/api/copies/{id}/file")
    ResponseEntity<Resource> file(@AuthenticationPrincipal Person reader, @PathVariable UUID id) throws IOException {
        var ready = copies.ready(reader, id);
        var form = ready.copy().form();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(form.type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        Download.named(ready.copy().title(), form.ending))
                .body(new FileSystemResource(ready.file()));
    }

    @DeleteMapping("/api/copies/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        copies.delete(reader, id);
    }

    /** The address that this school is reached at, as this reader typed it. */
    private static String origin() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
