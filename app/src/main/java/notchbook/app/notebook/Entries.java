package notchbook.app.notebook;

import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaKind;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.scan.PhotoSet;
import org.springframework.context.ApplicationEventPublisher;
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
    private final EntryViews views;
    private final Syllabi syllabi;
    private final Media media;
    private final LinkCards links;
    private final SchoolClock clock;
    private final ApplicationEventPublisher events;

    Entries(
            Pages pages,
            Sections sections,
            Notebooks notebooks,
            EntryStore store,
            EntryViews views,
            Syllabi syllabi,
            Media media,
            LinkCards links,
            SchoolClock clock,
            ApplicationEventPublisher events) {
        this.pages = pages;
        this.sections = sections;
        this.notebooks = notebooks;
        this.store = store;
        this.views = views;
        this.syllabi = syllabi;
        this.media = media;
        this.links = links;
        this.clock = clock;
        this.events = events;
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
            String writer) {

        /** The same, as a file of a name. */
        private Change asFile(String name) {
            var content = JsonNodeFactory.instance.objectNode().put("name", name);
            return new Change(
                    id, baseVersion, place, EntryKind.FILE, content, mediaId, caption, copiedFrom, madeAt, writer);
        }
    }

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
    List<EarlierEntry> earlier(Person reader, UUID id) {
        return store.earlier(require(reader, id).id());
    }

    /**
     * Keeps an entry. Sending the same change twice changes nothing; a change made from an older version than the one
     * that is there is refused with what is there, so that its sender can keep both.
     */
    @Transactional
    public Entry keep(Person reader, Change change) {
        pages.require(reader, change.place().pageId());
        var before = store.lock(change.id());
        var sent = entry(reader, fitting(change), before);
        if (before.isEmpty()) {
            store.insert(sent, change.writer());
            wantCard(reader, sent);
            events.publishEvent(new EntryKept(reader.id(), sent));
            return sent;
        }
        requireOwner(reader, before.get());
        if (before.get().saysTheSameAs(sent)) {
            return before.get();
        }
        if (before.get().kind() != sent.kind()) {
            throw Refusal.unfit("An entry stays of its kind. Make a new one.");
        }
        if (before.get().version() != change.baseVersion() && !isOwnWriting(change)) {
            throw Refusal.stale(
                    "This was changed in another place too. Both are kept.",
                    views.of(reader.id(), List.of(before.get())).getFirst());
        }
        store.update(before.get(), sent, change.writer());
        wantCard(reader, sent);
        events.publishEvent(new EntryKept(reader.id(), sent));
        return sent;
    }

    /** Puts the entries of a page in an order; entries that are not named keep their order after those that are. */
    @Transactional
    public void order(Person reader, UUID pageId, List<UUID> wished) {
        var page = pages.require(reader, pageId);
        var there = pages.entries(page).stream().map(Entry::id).toList();
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
    private boolean isOwnWriting(Change change) {
        return !change.writer().isEmpty() && store.isWrittenSinceBy(change.id(), change.baseVersion(), change.writer());
    }

    private void requireOwner(Person reader, Entry entry) {
        // Also for an entry whose page is in the bin: what was typed into it is kept, but only by its owner.
        if (!store.isOwnedBy(entry.id(), reader.id())) {
            throw Refusal.notFound("entry");
        }
    }

    private void wantCard(Person reader, Entry entry) {
        entry.address().ifPresent(address -> links.want(reader.id(), address));
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

    private Entry entry(Person reader, Change change, Optional<Entry> before) {
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
                before.map(Entry::position)
                        .orElseGet(() -> store.nextPosition(change.place().pageId())),
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
