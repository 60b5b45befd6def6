package notchbook.app.collection;

import java.util.Optional;
import java.util.UUID;

/** One thing in a collection, and what is said of it. Which of {@code url}, {@code mediaId} and {@code entryId} is there follows from its kind. */
public record Item(
        UUID id,
        UUID collectionId,
        ItemKind kind,
        String title,
        String note,
        Optional<String> url,
        Optional<UUID> mediaId,
        Optional<UUID> entryId,
        int position,
        Told told) {
    Item from(String whose) {
        return with(title, note, told.from(whose));
    }

    Item at(Optional<String> otherUrl) {
        return new Item(id, collectionId, kind, title, note, otherUrl, mediaId, entryId, position, told);
    }

    Item with(String otherTitle, String otherNote, Told otherTold) {
        return new Item(id, collectionId, kind, otherTitle, otherNote, url, mediaId, entryId, position, otherTold);
    }
}
