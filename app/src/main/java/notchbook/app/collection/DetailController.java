package notchbook.app.collection;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.source.Source;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Details of collections, and what is said of their things. */
@RestController
class DetailController {
    private final Details details;
    private final Things things;

    DetailController(Details details, Things things) {
        this.details = details;
        this.things = things;
    }

    record DetailBody(String name, DetailKind kind, String unit) {
        Detail detail(UUID id) {
            return new Detail(id, name, kind, unit);
        }
    }

    record MergeBody(List<String> from, String into) {}

    /** What is said of a thing anew; what is missing stays, and of the values those that are not named. */
    record ToldBody(
            Optional<String> title,
            Optional<String> note,
            @Schema(implementation = Object.class) Optional<JsonNode> text,
            Optional<String> why,
            Optional<String> heading,
            Optional<Map<UUID, List<String>>> values,
            Optional<Source> source,
            Optional<String> url,
            Optional<Things.Played> played) {
        Things.Telling telling() {
            return new Things.Telling(
                    title, NoteBody.said(note, text), why, heading, values.orElse(Map.of()), source, url, played);
        }
    }

    @GetMapping("/api/collections/{id}/details/offered")
    List<Details.Used> offered(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return details.offered(reader, id);
    }

    @PutMapping("/api/collections/{id}/details/{detail}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID detail,
            @RequestBody DetailBody body) {
        details.keep(reader, id, body.detail(detail));
    }

    @DeleteMapping("/api/collections/{id}/details/{detail}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID detail) {
        details.delete(reader, id, detail);
    }

    @PostMapping("/api/collections/{id}/details/{detail}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID detail) {
        details.restore(reader, id, detail);
    }

    /** Puts one value in the place of some others, in all things. */
    @PostMapping("/api/collections/{id}/details/{detail}/merge")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void merge(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID detail,
            @RequestBody MergeBody body) {
        details.merge(reader, id, detail, body.from(), body.into());
    }

    @PatchMapping("/api/collections/{id}/items/{item}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tell(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID item,
            @RequestBody ToldBody body) {
        things.tell(reader, id, item, body.telling());
    }
}
