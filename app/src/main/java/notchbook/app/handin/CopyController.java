package notchbook.app.handin;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfWish;
import notchbook.formats.pdf.PdfWish.Sounds;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

@RestController
class CopyController {
    private final Copies copies;

    CopyController(Copies copies) {
        this.copies = copies;
    }

    /** How a PDF is wanted: for A4, with its sounds listed, where nothing else is said. */
    record PdfParameters(
            Optional<PaperSize> paper, Optional<Boolean> book, Optional<Sounds> sounds, Optional<Boolean> twoUp) {
        PdfWish wish() {
            return new PdfWish(
                    paper.orElse(PaperSize.A4), book.orElse(false), sounds.orElse(Sounds.LISTED), twoUp.orElse(false));
        }
    }

    /** A sealed version as a signed PDF. */
    @GetMapping("/api/hand-ins/{id}/pdf")
    ResponseEntity<byte[]> versionPdf(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @ParameterObject PdfParameters wanted) {
        return pdf(copies.ofVersion(reader, id, origin()), wanted);
    }

    /** A section as it is now, as a PDF. */
    @GetMapping("/api/sections/{id}/pdf")
    ResponseEntity<byte[]> sectionPdf(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @ParameterObject PdfParameters wanted) {
        return pdf(copies.ofSection(reader, id, origin()), wanted);
    }

    /** A sealed version in another form than a PDF. */
    @GetMapping("/api/hand-ins/{id}/copy")
    void versionCopy(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam Copies.Form form,
            HttpServletResponse response)
            throws IOException {
        write(copies.ofVersion(reader, id, origin()), form, response);
    }

    /** The same of a section as it is now. */
    @GetMapping("/api/sections/{id}/copy")
    void sectionCopy(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam Copies.Form form,
            HttpServletResponse response)
            throws IOException {
        write(copies.ofSection(reader, id, origin()), form, response);
    }

    private void write(Copies.Leaving leaving, Copies.Form form, HttpServletResponse response) throws IOException {
        response.setContentType(form.type);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION, Download.named(leaving.sheet().title(), form.ending));
        copies.write(leaving, form, response.getOutputStream());
    }

    private ResponseEntity<byte[]> pdf(Copies.Leaving leaving, PdfParameters wanted) {
        return Download.of(
                leaving.sheet().title(), "pdf", MediaType.APPLICATION_PDF, copies.pdf(leaving, wanted.wish()));
    }

    /** The address that this school is reached at, as this reader typed it. */
    private static String origin() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
