package notchbook.app.notebook;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * An entry as it is kept. {@code content} is the checked JSON of typed text or ink, empty for photos and recordings;
 * {@code notches} are points and topics of the notebook's syllabus edition, {@code copiedFrom} the entry that it was drawn
 * across from.
 */
public record Entry(
        UUID id,
        EntryPlace place,
        EntryKind kind,
        String content,
        boolean isEmpty,
        Optional<UUID> mediaId,
        String caption,
        int position,
        int version,
        Instant madeAt,
        Instant changedAt,
        Optional<UUID> copiedFrom,
        Set<UUID> notches) {

    /** Its typed words, the name of its file or the address of its link; none for other kinds. */
    public String words() {
        return EntryContent.words(kind, content);
    }

    /** The web address that it links to; empty for other kinds. */
    public Optional<String> address() {
        return kind == EntryKind.LINK ? Optional.of(words()) : Optional.empty();
    }

    /** The name by which its student knows it. */
    public String name() {
        return EntryName.of(kind, caption, words());
    }

    boolean saysTheSameAs(Entry other) {
        return content.equals(other.content)
                && caption.equals(other.caption)
                && place.equals(other.place)
                && mediaId.equals(other.mediaId);
    }
}
