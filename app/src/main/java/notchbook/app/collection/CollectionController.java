package notchbook.app.collection;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaView;
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

@RestController
class CollectionController {
    private final Collections collections;
    private final CollectionStore store;
    private final Entries entries;
    private final Media media;

    CollectionController(Collections collections, CollectionStore store, Entries entries, Media media) {
        this.collections = collections;
        this.store = store;
        this.entries = entries;
        this.media = media;
    }

    record CollectionLine(UUID id, String title, String purpose, int items) {}

    /** Where an entry in a collection lives; empty parts mean that it is in the bin. */
    record EntryPlace(UUID entryId, Optional<UUID> pageId, Optional<EntryKind> kind) {}

    record ItemView(
            UUID id,
            ItemKind kind,
            String title,
            String note,
            Optional<String> url,
            Optional<MediaView> media,
            Optional<EntryPlace> entry) {}

    record CollectionView(UUID id, String title, String purpose, List<ItemView> items) {}

    record CollectionBody(String title, String purpose) {}

    record ItemBody(
            ItemKind kind,
            String title,
            String note,
            Optional<String> url,
            Optional<UUID> mediaId,
            Optional<UUID> entryId) {}

    record ItemOrderBody(List<UUID> items) {}

    @GetMapping("/api/collections")
    List<CollectionLine> collections(@AuthenticationPrincipal Person reader) {
        var counts = store.itemCounts(reader.id());
        return store.ownedBy(reader.id()).stream()
                .map(found -> new CollectionLine(
                        found.id(), found.title(), found.purpose(), counts.getOrDefault(found.id(), 0)))
                .toList();
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
        var found = collections.require(reader, id);
        var items = store.items(id);
        var files = media.findAll(
                items.stream().flatMap(item -> item.mediaId().stream()).toList());
        var live = entries
                .live(
                        reader,
                        items.stream().flatMap(item -> item.entryId().stream()).toList())
                .stream()
                .collect(Collectors.toMap(Entry::id, entry -> entry));
        return new CollectionView(
                found.id(),
                found.title(),
                found.purpose(),
                items.stream().map(item -> view(item, files, live)).toList());
    }

    @PutMapping("/api/collections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody CollectionBody body) {
        collections.keep(reader, id, body.title(), body.purpose());
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
                        item, body.kind(), body.title(), body.note(), body.url(), body.mediaId(), body.entryId()));
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

    private static ItemView view(Item item, Map<UUID, MediaItem> files, Map<UUID, Entry> live) {
        return new ItemView(
                item.id(),
                item.kind(),
                item.title(),
                item.note(),
                item.url(),
                item.mediaId().flatMap(id -> Optional.ofNullable(files.get(id))).map(MediaView::of),
                item.entryId().map(id -> {
                    var entry = Optional.ofNullable(live.get(id));
                    return new EntryPlace(id, entry.map(one -> one.place().pageId()), entry.map(Entry::kind));
                }));
    }
}
