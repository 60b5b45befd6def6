package notchbook.app.collection;

import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import notchbook.core.collection.Note;
import notchbook.core.text.Document;

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

    /** The same with another text where its note is one. */
    Item reading(UnaryOperator<Document> change) {
        return note.text()
                .map(change)
                .map(Note::of)
                .map(text -> with(title, text, told))
                .orElse(this);
    }

    Item with(String otherTitle, Note otherNote, Told otherTold) {
        return new Item(
                id, collectionId, kind, otherTitle, otherNote, url, mediaId, entryId, leadsTo, position, otherTold);
    }
}
