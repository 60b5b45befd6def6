package notchbook.app.collection;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Resources by point: things of one's collections beside the work of a notebook. */
@RestController
class ResourceController {
    private final Resources resources;

    ResourceController(Resources resources) {
        this.resources = resources;
    }

    /** A thing of a collection, or all of one, with the lines of the notebook's syllabus that it is notched to. */
    record ResourceView(
            UUID id,
            UUID collectionId,
            String collection,
            Optional<String> of,
            ItemKind kind,
            String title,
            Optional<String> url,
            Optional<UUID> mediaId,
            Set<UUID> notches) {}

    @GetMapping("/api/notebooks/{id}/resources")
    List<ResourceView> resources(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return resources.of(reader, id).stream().map(ResourceController::view).toList();
    }

    @PutMapping("/api/collections/{id}/items/{item}/notches/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cut(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID item,
            @PathVariable UUID line) {
        resources.cut(reader, id, item, line);
    }

    @PutMapping("/api/collections/{id}/notches/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cutWhole(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID line) {
        resources.cutWhole(reader, id, line);
    }

    @DeleteMapping("/api/collections/{id}/notches/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mendWhole(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID line) {
        resources.mendWhole(reader, id, line);
    }

    @DeleteMapping("/api/collections/{id}/items/{item}/notches/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mend(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID item,
            @PathVariable UUID line) {
        resources.mend(reader, id, item, line);
    }

    private static ResourceView view(Resources.Resource resource) {
        var item = resource.item();
        var collection = resource.collection();
        return new ResourceView(
                item.map(Item::id).orElse(collection.id()),
                collection.id(),
                collection.title(),
                resource.of(),
                item.map(Item::kind).orElse(ItemKind.COLLECTION),
                item.map(Item::title).orElse(collection.title()),
                item.flatMap(Item::url),
                item.flatMap(Item::mediaId),
                resource.lines());
    }
}
