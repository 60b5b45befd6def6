package notchbook.app.view;

import java.util.Base64;
import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.core.view.Look;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.SectionPdf;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

@RestController
class ViewController {
    private final KeptViews views;
    private final Boards boards;
    private final LookedAt lookedAt;
    private final ViewSheets sheets;
    private final JsonMapper mapper;

    ViewController(KeptViews views, Boards boards, LookedAt lookedAt, ViewSheets sheets, JsonMapper mapper) {
        this.sheets = sheets;
        this.mapper = mapper;
        this.lookedAt = lookedAt;
        this.views = views;
        this.boards = boards;
    }

    record KeptViewBody(String name, Look look) {}

    record TieBody(UUID from, UUID to, String words, boolean isDirected) {}

    record PlacesBody(List<Place> places) {}

    @GetMapping("/api/collections/{id}/views")
    ViewsOfCollection all(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return lookedAt.of(reader, id);
    }

    /** {@code look} is a look as JSON, in the letters that addresses have (RFC 4648, section 5). */
    @GetMapping("/api/collections/{id}/view-pdf")
    ResponseEntity<byte[]> pdf(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam String look) {
        var sheet = sheets.of(reader, id, read(look));
        return Download.of(sheet.title(), "pdf", MediaType.APPLICATION_PDF, SectionPdf.write(sheet, PaperSize.A4));
    }

    private Look read(String look) {
        try {
            return mapper.readValue(Base64.getUrlDecoder().decode(look), Look.class);
        } catch (JacksonException | IllegalArgumentException odd) {
            throw Refusal.unfit("This view can't be read. Open it once more.");
        }
    }

    @PutMapping("/api/collections/{id}/views/{view}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID view,
            @RequestBody KeptViewBody body) {
        views.keep(reader, id, new NamedView(view, body.name().strip(), body.look()));
    }

    @DeleteMapping("/api/collections/{id}/views/{view}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID view) {
        views.delete(reader, id, view);
    }

    /** Moves some cards of the board. */
    @PutMapping("/api/collections/{id}/places")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void place(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody PlacesBody body) {
        boards.place(reader, id, body.places());
    }

    @PutMapping("/api/collections/{id}/ties/{tie}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tie(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID tie,
            @RequestBody TieBody body) {
        boards.tie(reader, id, new Tie(tie, body.from(), body.to(), body.words().strip(), body.isDirected()));
    }

    @DeleteMapping("/api/collections/{id}/ties/{tie}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void untie(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID tie) {
        boards.untie(reader, id, tie);
    }
}
