package notchbook.app.source;

import java.util.List;
import java.util.UUID;
import notchbook.app.collection.CitedThings;
import notchbook.app.people.Person;
import notchbook.core.source.Source;
import notchbook.formats.source.Reference;
import notchbook.formats.source.ReferenceStyle;
import notchbook.formats.source.References;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reference lists of collections, and what is asked of a source. */
@RestController
class SourceController {
    private final CitedThings cited;
    private final ReferenceStyles styles;

    SourceController(CitedThings cited, ReferenceStyles styles) {
        this.cited = cited;
        this.styles = styles;
    }

    @GetMapping("/api/source-questions")
    List<String> questions() {
        return Source.QUESTIONS;
    }

    @GetMapping("/api/collections/{id}/references")
    List<Reference> references(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam ReferenceStyle style) {
        return References.list(cited.of(reader, id), style);
    }

    /** The style of what one cites. */
    record StyleBody(ReferenceStyle style) {}

    @GetMapping("/api/reference-style")
    StyleBody style(@AuthenticationPrincipal Person reader) {
        return new StyleBody(styles.of(reader));
    }

    @PutMapping("/api/reference-style")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@AuthenticationPrincipal Person reader, @RequestBody StyleBody body) {
        styles.choose(reader, body.style());
    }

    /** A thing as a page cites it, and the collection that it is in. */
    record CitedThing(UUID collection, Reference reference) {}

    @GetMapping("/api/things/{id}/citation")
    CitedThing citation(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return new CitedThing(
                cited.collectionOf(reader, id),
                References.list(cited.named(reader, List.of(id)), styles.of(reader))
                        .getFirst());
    }
}
