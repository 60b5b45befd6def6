package notchbook.app.collection;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.CollectionViews.CollectionLine;
import notchbook.app.collection.CollectionViews.CollectionView;
import notchbook.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class CollectionController {
    private final Collections collections;
    private final CollectionDesk desk;

    CollectionController(Collections collections, CollectionDesk desk) {
        this.collections = collections;
        this.desk = desk;
    }

    record CollectionBody(String title, String purpose) {}

    record ItemBody(
            ItemKind kind,
            String title,
            String note,
            @Schema(implementation = Object.class) Optional<JsonNode> text,
            Optional<String> url,
            Optional<UUID> mediaId,
            Optional<UUID> entryId,
            Optional<UUID> leadsTo) {}

    record ItemOrderBody(List<UUID> items) {}

    @GetMapping("/api/collections")
    List<CollectionLine> collections(@AuthenticationPrincipal Person reader) {
        return desk.lines(reader);
    }

    /** A collection in the bin, or a thing out of one, which has the title of its collection. */
    record BinnedView(UUID id, String title, Optional<String> collection, Instant deletedAt) {}

    @GetMapping("/api/collections/bin")
    List<BinnedView> bin(@AuthenticationPrincipal Person reader) {
        return collections.bin(reader).stream()
                .map(deleted ->
                        new BinnedView(deleted.id(), deleted.title(), deleted.collection(), deleted.deletedAt()))
                .toList();
    }

    @PostMapping("/api/collections/bin/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        collections.restore(reader, id);
    }

    @GetMapping("/api/collections/{id}")
    CollectionView collection(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return desk.view(reader, id);
    }

    @PutMapping("/api/collections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody CollectionBody body) {
        collections.keep(reader, id, body.title(), body.purpose());
    }

    /** Without a picture its cover is made of what is in it. */
    record CoverBody(Optional<UUID> pictureId) {}

    @PutMapping("/api/collections/{id}/cover")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cover(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody CoverBody body) {
        collections.cover(reader, id, body.pictureId());
    }

    @DeleteMapping("/api/collections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        collections.delete(reader, id);
    }

    @PutMapping("/api/collections/{id}/items/{item}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID item,
            @RequestBody ItemBody body) {
        collections.add(
                reader,
                id,
                new Collections.NewItem(
                        item,
                        body.kind(),
                        body.title(),
                        NoteBody.read(body.note(), body.text()),
                        body.url(),
                        body.mediaId(),
                        body.entryId(),
                        body.leadsTo()));
    }

    @PostMapping("/api/collections/{id}/order")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void order(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ItemOrderBody body) {
        collections.order(reader, id, body.items());
    }

    @DeleteMapping("/api/collections/{id}/items/{item}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID item) {
        collections.remove(reader, id, item);
    }
}
