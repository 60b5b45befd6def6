package notchbook.app.coverage;

import java.util.UUID;
import notchbook.app.coverage.CoverageViews.CoverageView;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.formats.coverage.CoverageCsv;
import notchbook.formats.coverage.CoveragePdf;
import notchbook.formats.coverage.CoverageXlsx;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CoverageController {
    private static final MediaType XLSX =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");

    private final Coverages coverages;
    private final Notebooks notebooks;
    private final CoverageSheets sheets;
    private final TopicPages pages;

    CoverageController(Coverages coverages, Notebooks notebooks, CoverageSheets sheets, TopicPages pages) {
        this.coverages = coverages;
        this.notebooks = notebooks;
        this.sheets = sheets;
        this.pages = pages;
    }

    /** A page that was made for a topic. */
    record TopicPageView(UUID pageId) {}

    @GetMapping("/api/notebooks/{id}/coverage")
    CoverageView coverage(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return CoverageViews.of(coverages.input(notebooks.require(reader, id)));
    }

    @GetMapping("/api/notebooks/{id}/coverage.csv")
    ResponseEntity<byte[]> csv(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var sheet = sheets.of(reader, id);
        return Download.csv(sheet.title(), CoverageCsv.write(sheet));
    }

    @GetMapping("/api/notebooks/{id}/coverage.xlsx")
    ResponseEntity<byte[]> xlsx(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var sheet = sheets.of(reader, id);
        return Download.of(sheet.title(), "xlsx", XLSX, CoverageXlsx.write(sheet));
    }

    @GetMapping("/api/notebooks/{id}/coverage.pdf")
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var sheet = sheets.of(reader, id);
        return Download.of(sheet.title(), "pdf", MediaType.APPLICATION_PDF, CoveragePdf.write(sheet));
    }

    @PostMapping("/api/notebooks/{id}/topics/{topic}/looked-again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lookedAgain(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID topic) {
        coverages.lookedAgain(reader, id, topic);
    }

    /** A new page to cover a topic with, where such pages are. */
    @PutMapping("/api/notebooks/{id}/topics/{topic}/pages/{page}")
    TopicPageView begin(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID topic,
            @PathVariable UUID page) {
        return new TopicPageView(pages.begin(reader, id, topic, page).id());
    }
}
