package notchbook.app.handin;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfWish;
import notchbook.formats.pdf.PdfWish.Sounds;
import notchbook.formats.pdf.SectionPdf;
import notchbook.formats.sheet.SectionSheet;
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

    /** A sealed version as a signed PDF. */
    @GetMapping("/api/hand-ins/{id}/pdf")
    ResponseEntity<byte[]> versionPdf(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize paper,
            @RequestParam(defaultValue = "false") boolean book,
            @RequestParam(defaultValue = "LISTED") Sounds sounds,
            @RequestParam(defaultValue = "false") boolean twoUp) {
        var sheet = copies.ofVersion(reader, id, origin());
        return pdf(sheet.title(), copies.sealedPdf(reader, id, sheet, new PdfWish(paper, book, sounds, twoUp)));
    }

    /** A section as it is now, as a PDF. */
    @GetMapping("/api/sections/{id}/pdf")
    ResponseEntity<byte[]> sectionPdf(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize paper,
            @RequestParam(defaultValue = "false") boolean book,
            @RequestParam(defaultValue = "LISTED") Sounds sounds,
            @RequestParam(defaultValue = "false") boolean twoUp) {
        var sheet = copies.ofSection(reader, id, origin());
        return pdf(sheet.title(), SectionPdf.write(sheet, new PdfWish(paper, book, sounds, twoUp)));
    }

    /** A sealed version as a book for readers (EPUB), or as a folder of web pages. */
    @GetMapping("/api/hand-ins/{id}/copy")
    void versionCopy(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam Copies.Form form,
            HttpServletResponse response)
            throws IOException {
        write(copies.ofVersion(reader, id, origin()), id, form, response);
    }

    /** The same of a section as it is now. */
    @GetMapping("/api/sections/{id}/copy")
    void sectionCopy(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam Copies.Form form,
            HttpServletResponse response)
            throws IOException {
        write(copies.ofSection(reader, id, origin()), id, form, response);
    }

    private void write(SectionSheet sheet, UUID id, Copies.Form form, HttpServletResponse response) throws IOException {
        response.setContentType(form.type);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Download.named(sheet.title(), form.ending));
        copies.write(sheet, id, form, response.getOutputStream());
    }

    private static ResponseEntity<byte[]> pdf(String title, byte[] content) {
        return Download.of(title, "pdf", MediaType.APPLICATION_PDF, content);
    }

    /** The address that this school is reached at, as this reader typed it. */
    private static String origin() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
