package notchbook.app.collection;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
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
    private final Collections collections;
    private final CollectionStore store;
    private final ItemNotches notches;
    private final Notebooks notebooks;
    private final Syllabi syllabi;

    ResourceController(
            Collections collections, CollectionStore store, ItemNotches notches, Notebooks notebooks, Syllabi syllabi) {
        this.collections = collections;
        this.store = store;
        this.notches = notches;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    /** A thing of a collection with the lines of the notebook's syllabus that it is notched to. */
    record ResourceView(
            UUID id,
            UUID collectionId,
            String collection,
            ItemKind kind,
            String title,
            Optional<String> url,
            Optional<UUID> mediaId,
            Set<UUID> notches) {}

    @GetMapping("/api/notebooks/{id}/resources")
    List<ResourceView> resources(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var notebook = notebooks.require(reader, id);
        var edition = syllabi.edition(notebook.editionId(), id);
        var notched = notches.of(reader.id());
        return store.ownedBy(reader.id()).stream()
                .flatMap(collection -> store.items(collection.id()).stream()
                        .map(item -> view(
                                collection,
                                item,
                                notched.getOrDefault(item.id(), Set.of()).stream()
                                        .filter(line -> edition.find(line).isPresent())
                                        .collect(Collectors.toSet()))))
                .filter(resource -> !resource.notches().isEmpty())
                .toList();
    }

    @PutMapping("/api/collections/{id}/items/{item}/notches/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cut(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID item,
            @PathVariable UUID line) {
        collections.requireItem(reader, id, item);
        syllabi.requireLine(reader, line);
        notches.cut(item, line);
    }

    @DeleteMapping("/api/collections/{id}/items/{item}/notches/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mend(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID item,
            @PathVariable UUID line) {
        collections.requireItem(reader, id, item);
        notches.mend(item, line);
    }

    private static ResourceView view(CollectionStore.Collection collection, Item item, Set<UUID> lines) {
        return new ResourceView(
                item.id(),
                collection.id(),
                collection.title(),
                item.kind(),
                item.title(),
                item.url(),
                item.mediaId(),
                lines);
    }
}
