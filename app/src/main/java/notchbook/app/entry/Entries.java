package notchbook.app.entry;

import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.KeepingStore.Before;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaKind;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.Again;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.scan.PhotoSet;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** The entries of a page: kept as they are made, every change with the version that it was made from. */
@Service
public class Entries {
    private static final int LONGEST_CAPTION = 500;

    private final Pages pages;
    private final Sections sections;
    private final Notebooks notebooks;
    private final EntryStore store;
    private final KeepingStore keeping;
    private final EntryViews views;
    private final Syllabi syllabi;
    private final Media media;
    private final LinkCards links;
    private final SchoolClock clock;

    Entries(
            Pages pages,
            Sections sections,
            Notebooks notebooks,
            EntryStore store,
            KeepingStore keeping,
            EntryViews views,
            Syllabi syllabi,
            Media media,
            LinkCards links,
            SchoolClock clock) {
        this.pages = pages;
        this.sections = sections;
        this.notebooks = notebooks;
        this.store = store;
        this.keeping = keeping;
        this.views = views;
        this.syllabi = syllabi;
        this.media = media;
        this.links = links;
        this.clock = clock;
    }

    /**
     * An entry as its device has it now; {@code baseVersion} is the version it was changed from, 0 for a new one. What one
     * {@code writer} sends replaces what the same one sent before, whether or not it heard the answer.
     */
    public record Change(
            UUID id,
            int baseVersion,
            EntryPlace place,
            EntryKind kind,
            JsonNode content,
            Optional<UUID> mediaId,
            String caption,
            Optional<UUID> copiedFrom,
            Optional<Instant> madeAt,
            String writer,
            Optional<Base> base) {

        /** The same, as a file of a name. */
        private Change asFile(String name) {
            var content = JsonNodeFactory.instance.objectNode().put("name", name);
            return new Change(
                    id,
                    baseVersion,
                    place,
                    EntryKind.FILE,
                    content,
                    mediaId,
                    caption,
                    copiedFrom,
                    madeAt,
                    writer,
                    base);
        }
    }

    /** What an entry was when its device began to change it, for a change that meets another one. */
    public record Base(JsonNode content, String caption, EntryPlace place) {}

    /** A live entry of the reader's own. */
    public Entry require(Person reader, UUID id) {
        var entry = store.find(id).orElseThrow(() -> Refusal.notFound("entry"));
        pages.require(reader, entry.place().pageId());
        return entry;
    }

    /** A live entry, whoever's; for work that goes on after its owner asked for it. */
    public Optional<Entry> find(UUID id) {
        return store.find(id);
    }

    /** Those of these entries that are live and the reader's own. */
    public List<Entry> live(Person reader, List<UUID> ids) {
        return store.findOwned(reader.id(), ids);
    }

    /** An entry with the person whose it is. */
    public record Owned(UUID ownerId, Entry entry) {}

    /** The entries whose words are still to go into the index, of everyone or of one person; {@code most} of them. */
    public List<Owned> withWordsDue(Optional<UUID> personId, int most) {
        return store.withWordsDue(personId, most);
    }

    /** The words of these entries, as they are here, are in the index. */
    public void wordsTaken(List<Entry> entries) {
        store.wordsTaken(entries);
    }

    /** The entries that show a media item, in the bin or not. */
    public List<Entry> showing(UUID mediaId) {
        return store.withMedia(mediaId);
    }

    /** A person's links to an address, in the bin or not. */
    public List<Entry> linkingTo(UUID ownerId, String address) {
        return store.withContent(
                ownerId, EntryKind.LINK, EntryContent.ofLink(address).json());
    }

    /** What an entry was before, the newest first. */
    public List<EarlierEntry> earlier(Person reader, UUID id) {
        return store.earlier(require(reader, id).id());
    }

    /**
     * Keeps an entry. Sending the same change twice changes nothing; a change made from an older version than the one
     * that is there is merged with it where it says what it was made from and both did not change the same words, and is
     * otherwise refused with what is there, so that its sender can keep both.
     */
    public Entry keep(Person reader, Change change) {
        return Again.until(() -> keepOnce(reader, change));
    }

    private Entry keepOnce(Person reader, Change change) {
        var place = keeping.find(reader.id(), change.place().pageId(), change.id())
                .orElseThrow(() -> Refusal.notFound("page"));
        // Also for an entry whose page is in the bin: what was typed into it is kept, but only by its owner.
        place.before().filter(before -> !before.ownerId().equals(reader.id())).ifPresent(others -> {
            throw Refusal.notFound("entry");
        });
        var sent = entry(reader, fitting(change), place);
        // Wanted first: a card without a link harms nobody, a link without its card would stay bare.
        sent.address().ifPresent(address -> links.want(reader.id(), address));
        return place.before()
                .map(before -> replaced(reader, change, before, sent))
                .orElseGet(() -> {
                    insert(sent, change.writer());
                    return sent;
                });
    }

    /** The same entry sent twice at once is there when the second comes to be written; it is then looked at anew. */
    private void insert(Entry sent, String writer) {
        try {
            keeping.insert(sent, writer);
        } catch (DuplicateKeyException meanwhile) {
            throw new OptimisticLockingFailureException("Entry " + sent.id() + " was made meanwhile", meanwhile);
        }
    }

    private Entry replaced(Person reader, Change change, Before before, Entry sent) {
        if (before.entry().saysTheSameAs(sent)) {
            return before.entry();
        }
        if (before.entry().kind() != sent.kind()) {
            throw Refusal.unfit("An entry stays of its kind. Make a new one.");
        }
        if (before.entry().version() == change.baseVersion() || isOwnWriting(change, before)) {
            keeping.update(before, sent, change.writer());
            return sent;
        }
        var merged = change.base()
                .flatMap(base -> MergedEntry.of(base, sent, before.entry()))
                .orElseThrow(() -> Refusal.stale(
                        "This was changed in another place too. Both are kept.",
                        views.of(reader.id(), List.of(before.entry())).getFirst()));
        // Nobody's writing: what either device sends from what it has is merged again.
        keeping.update(before, merged, "");
        return merged;
    }

    /** Puts the entries of a page in an order; entries that are not named keep their order after those that are. */
    @Transactional
    public void order(Person reader, UUID pageId, List<UUID> wished) {
        var page = pages.require(reader, pageId);
        var there = store.onPages(List.of(page.id())).stream().map(Entry::id).toList();
        var order = new LinkedHashSet<>(wished);
        order.retainAll(new HashSet<>(there));
        order.addAll(there);
        store.order(List.copyOf(order));
    }

    @Transactional
    public void delete(Person reader, UUID id) {
        require(reader, id);
        store.delete(id, clock.now());
    }

    /** Keys an entry to a point or topic of its notebook's syllabus. */
    @Transactional
    public void cut(Person reader, UUID id, UUID nodeId) {
        var notebook = notebookOf(reader, require(reader, id));
        syllabi.edition(notebook.editionId(), notebook.id()).find(nodeId).orElseThrow(() -> Refusal.notFound("point"));
        store.cut(id, nodeId, reader.id(), clock.now());
    }

    @Transactional
    public void mend(Person reader, UUID id, UUID nodeId) {
        require(reader, id);
        store.mend(id, nodeId);
    }

    /** The notebook that an entry of the reader's own stands in. */
    public Notebook notebookOf(Person reader, Entry entry) {
        var section = sections.require(
                reader, pages.require(reader, entry.place().pageId()).sectionId());
        return notebooks.require(reader, section.notebookId());
    }

    /** Its answer was lost on the way, to a tab that was closed for one: what came after is no change by somebody else. */
    private static boolean isOwnWriting(Change change, Before before) {
        return !change.writer().isEmpty() && before.isWrittenSince(change.baseVersion(), change.writer());
    }

    /** A film that is too long for a clip stays on its page as a file. */
    private Change fitting(Change change) {
        return change.mediaId()
                .filter(id -> change.kind() == EntryKind.CLIP)
                .flatMap(media::find)
                .filter(item -> item.kind() == MediaKind.FILE)
                .map(item -> change.asFile(item.name()))
                .orElse(change);
    }

    private Entry entry(Person reader, Change change, KeepingStore.Place place) {
        var before = place.before().map(Before::entry);
        var content = EntryContent.check(change.kind(), change.content());
        var photoSet = EntryContent.photoSet(change.kind(), content.json());
        // A set is shown by its first page wherever there is room for one picture only.
        var mediaId = photoSet.map(set -> set.pages().getFirst().picture()).or(change::mediaId);
        requireMedia(reader, change.kind(), mediaId);
        photoSet.ifPresent(set -> requirePhotos(reader, set));
        if (change.caption().length() > LONGEST_CAPTION) {
            throw Refusal.unfit("A caption has up to 500 characters. Write the rest as a note beside it.");
        }
        var now = clock.now();
        return new Entry(
                change.id(),
                change.place(),
                change.kind(),
                content.json(),
                content.isEmpty(),
                mediaId,
                change.caption(),
                before.map(Entry::position).orElseGet(place::nextPosition),
                before.map(Entry::version).orElse(0) + 1,
                before.map(Entry::madeAt).orElseGet(() -> change.madeAt()
                        .filter(made -> made.isBefore(now))
                        .orElse(now)),
                now,
                before.map(Entry::copiedFrom).orElseGet(change::copiedFrom),
                before.map(Entry::notches).orElse(Set.of()));
    }

    private void requirePhotos(Person reader, PhotoSet set) {
        set.pages().stream()
                .flatMap(page -> Stream.of(page.picture(), page.photo()))
                .distinct()
                .map(id -> media.requireOwned(reader, id))
                .filter(item -> item.kind() != MediaKind.PHOTO)
                .findFirst()
                .ifPresent(other -> {
                    throw Refusal.unfit("“" + other.name() + "” is not a picture. Take it out of the set.");
                });
    }

    private void requireMedia(Person reader, EntryKind kind, Optional<UUID> mediaId) {
        if (kind.hasMedia() != mediaId.isPresent()) {
            throw Refusal.unfit("A photo, a recording or a file needs its content, other entries have none.");
        }
        mediaId.map(id -> media.requireOwned(reader, id)).ifPresent(item -> {
            if (kind == EntryKind.PHOTO && item.kind() != MediaKind.PHOTO) {
                throw Refusal.unfit("This is not a picture. Use a JPEG, PNG or WebP file.");
            }
            if (kind == EntryKind.RECORDING && item.kind() != MediaKind.RECORDING) {
                throw Refusal.unfit("This is not a recording. Use a WAV, Ogg, WebM, MP3 or M4A file.");
            }
            if (kind == EntryKind.CLIP && item.kind() != MediaKind.CLIP) {
                throw Refusal.unfit(
                        "This is not a film of up to ten minutes. Use a WebM or MP4 file, or add it as a file.");
            }
        });
    }
}
