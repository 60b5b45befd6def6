package notchbook.app.collection;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.collection.Note;

/** One thing in a collection, and what is said of it. Which of {@code url}, {@code mediaId}, {@code entryId} and {@code leadsTo} (a page, a version or a collection) is there follows from its kind. */
public record Item(
        UUID id,
        UUID collectionId,
        ItemKind kind,
        String title,
        Note note,
        Optional<String> url,
        Optional<UUID> mediaId,
        Optional<UUID> entryId,
        Optional<UUID> leadsTo,
        int position,
        Told told) {
    Item from(String whose) {
        return with(title, note, told.from(whose));
    }

    Item at(Optional<String> otherUrl) {
        return new Item(id, collectionId, kind, title, note, otherUrl, mediaId, entryId, leadsTo, position, told);
    }

    Item with(String otherTitle, Note otherNote, Told otherTold) {
        return new Item(
                id, collectionId, kind, otherTitle, otherNote, url, mediaId, entryId, leadsTo, position, otherTold);
    }
}
