package notchbook.app.entry;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.notebook.Patterns;
import notchbook.core.scan.PhotoSet;
import notchbook.core.scan.SetPage;

/**
 * An entry as it is kept. {@code content} is the checked JSON of typed text, ink or a set of photos, empty for others;
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

    /** Its set of photographed pages; empty for a photo by itself and for other kinds. */
    public Optional<PhotoSet> photoSet() {
        return EntryContent.photoSet(kind, content);
    }

    /** The pages of a photo entry: a photo by itself is a set of one. */
    public List<SetPage> photoPages() {
        return photoSet().map(PhotoSet::pages).orElseGet(() -> List.of(SetPage.of(mediaId.orElseThrow())));
    }

    /** All that it shows, in order: its picture, sound or file, or each page of its set. */
    public List<UUID> shownMedia() {
        return photoSet()
                .map(set -> set.pages().stream().map(SetPage::picture).toList())
                .orElseGet(() -> mediaId.stream().toList());
    }

    /** What it shows and the photos that it was made of. */
    List<UUID> allMedia() {
        var photos = photoSet().stream().flatMap(set -> set.pages().stream().map(SetPage::photo));
        return Stream.concat(shownMedia().stream(), photos).distinct().toList();
    }

    /** Its typed words, the name of its file or the address of its link; none for other kinds. */
    public String words() {
        return EntryContent.words(kind, content);
    }

    /** The web address that it links to; empty for other kinds. */
    public Optional<String> address() {
        return kind == EntryKind.LINK ? Optional.of(words()) : Optional.empty();
    }

    /** The view of a collection that it shows; empty for other kinds. */
    public Optional<PlacedView> placedView() {
        return EntryContent.placedView(kind, content);
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

    /** As it is shown away from its page, where nothing stands beside it. */
    public Entry apart(EntryWidth width) {
        return new Entry(
                id,
                new EntryPlace(place.pageId(), Patterns.FREE.home().key(), Optional.empty(), width),
                kind,
                content,
                isEmpty,
                mediaId,
                caption,
                position,
                version,
                madeAt,
                changedAt,
                copiedFrom,
                notches);
    }
}
