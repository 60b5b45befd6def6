package notchbook.app.collection;

import static java.util.stream.Collectors.toSet;

import java.time.Duration;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.collection.CollectionStore.Collection;
import notchbook.app.collection.CollectionStore.Deleted;
import notchbook.app.entry.Entries;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaKind;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.collection.Note;
import notchbook.core.link.WebLink;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Resources that a person gathers for a purpose. */
@Service
public class Collections {
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_PURPOSE = 300;
    private static final Duration KEPT_IN_BIN = Duration.ofDays(30);
    private static final int MOST = 50_000;
    private static final Set<ItemKind> LEADING = EnumSet.of(ItemKind.PAGE, ItemKind.VERSION, ItemKind.COLLECTION);

    private final CollectionStore store;
    private final Entries entries;
    private final Elsewhere elsewhere;
    private final Media media;
    private final LinkCards cards;
    private final SchoolClock clock;

    Collections(
            CollectionStore store,
            Entries entries,
            Elsewhere elsewhere,
            Media media,
            LinkCards cards,
            SchoolClock clock) {
        this.store = store;
        this.entries = entries;
        this.elsewhere = elsewhere;
        this.media = media;
        this.cards = cards;
        this.clock = clock;
    }

    /** What is put into a collection; which of the optional parts is needed follows from the kind. */
    public record NewItem(
            UUID id,
            ItemKind kind,
            String title,
            Note note,
            Optional<String> url,
            Optional<UUID> mediaId,
            Optional<UUID> entryId,
            Optional<UUID> leadsTo) {}

    /** Refuses what is not a collection of the reader's own. */
    public void requireOwn(Person reader, UUID id) {
        require(reader, id);
    }

    /** What a collection of the reader's own is called. */
    public String titleOf(Person reader, UUID id) {
        return require(reader, id).title();
    }

    /** The things of a collection of the reader's own. */
    public Set<UUID> thingsOf(Person reader, UUID id) {
        requireOwn(reader, id);
        return store.items(id).stream().map(Item::id).collect(toSet());
    }

    /** The same in their order. */
    public List<Item> itemsOf(Person reader, UUID id) {
        requireOwn(reader, id);
        return store.items(id);
    }

    public int sizeOf(Person reader, UUID id) {
        requireOwn(reader, id);
        return store.count(id);
    }

    /** The addresses that a collection of the reader's own leads to, but for what came with one gathering. */
    public List<String> addressesOf(Person reader, UUID id, UUID gathering) {
        requireOwn(reader, id);
        return store.addresses(id, gathering);
    }

    Collection require(Person reader, UUID id) {
        return store.own(reader.id(), id).orElseThrow(() -> Refusal.notFound("collection"));
    }

    /** Makes a collection, or gives the one with this id a new title and purpose. */
    @Transactional
    public void keep(Person reader, UUID id, String title, String purpose) {
        if (reader.isKeeper()) {
            throw Refusal.notFound("place");
        }
        var collection = new Collection(id, reader.id(), checked(title), purpose.strip(), Optional.empty());
        if (purpose.length() > LONGEST_PURPOSE) {
            throw Refusal.unfit("Say what it is for in up to 300 characters.");
        }
        if (store.find(id).isPresent()) {
            require(reader, id);
            store.update(collection);
        } else {
            store.insert(collection, clock.now());
        }
    }

    /** Gives a collection a picture of the reader's own, or takes it away. */
    @Transactional
    public void cover(Person reader, UUID id, Optional<UUID> picture) {
        require(reader, id);
        if (picture.map(one -> media.requireOwned(reader, one))
                .filter(one -> one.kind() != MediaKind.PHOTO)
                .isPresent()) {
            throw Refusal.unfit("A cover is a picture.");
        }
        store.cover(id, picture);
    }

    @Transactional
    public void delete(Person reader, UUID id) {
        require(reader, id);
        store.delete(id, clock.now());
    }

    /** What the reader deleted in the last 30 days. */
    List<Deleted> bin(Person reader) {
        return store.deletedBy(reader.id(), clock.now().minus(KEPT_IN_BIN));
    }

    /** Brings a collection or a thing of one back from the bin. */
    @Transactional
    public void restore(Person reader, UUID id) {
        bin(reader).stream()
                .filter(deleted -> deleted.id().equals(id))
                .findFirst()
                .ifPresentOrElse(store::restore, () -> {
                    throw Refusal.notFound("thing");
                });
    }

    /** Puts a thing into a collection, at its end; putting it again changes nothing. */
    @Transactional
    public void add(Person reader, UUID id, NewItem wish) {
        require(reader, id);
        var there = store.items(id);
        if (there.stream().anyMatch(item -> item.id().equals(wish.id()))) {
            return;
        }
        var item = item(reader, id, wish, there.size());
        store.insert(item, clock.now());
        item.url().ifPresent(url -> cards.want(reader.id(), url));
    }

    /** Puts many things in at once, each where its position says; those that are there stay as they are. */
    @Transactional
    public void addAll(Person reader, UUID id, UUID gathering, List<Item> items) {
        require(reader, id);
        if (store.count(id) + items.size() > MOST) {
            throw Refusal.unfit("A collection holds up to 50,000 things. Make another one for the rest.");
        }
        store.insertAll(items, Optional.of(gathering), clock.now());
    }

    /** Puts in what was somebody's before; {@code whose} says whose, and in which collection. */
    @Transactional
    public void takeOver(Person reader, UUID id, List<Item> items, String whose) {
        require(reader, id);
        store.insertAll(items.stream().map(item -> item.from(whose)).toList(), Optional.empty(), clock.now());
        items.stream().flatMap(item -> item.url().stream()).forEach(url -> cards.want(reader.id(), url));
    }

    /** What came with a gathering goes into the bin. */
    @Transactional
    public void takeBack(Person reader, UUID id, UUID gathering) {
        require(reader, id);
        store.deleteGathered(gathering, clock.now());
    }

    /** Puts the items in an order; items that are not named keep their order after those that are. */
    @Transactional
    public void order(Person reader, UUID id, List<UUID> wished) {
        require(reader, id);
        var there = store.items(id).stream().map(Item::id).toList();
        var order = new LinkedHashSet<>(wished);
        order.retainAll(there);
        order.addAll(there);
        store.order(id, List.copyOf(order));
    }

    @Transactional
    public void remove(Person reader, UUID id, UUID itemId) {
        require(reader, id);
        store.deleteItem(id, itemId, clock.now());
    }

    /** A thing of the reader's own that is in no bin, whichever collection it is in. */
    Item requireThing(Person reader, UUID id) {
        return store.ownItems(reader.id(), List.of(id)).stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("thing"));
    }

    /** A thing of one of the reader's own collections. */
    Item requireItem(Person reader, UUID collectionId, UUID itemId) {
        require(reader, collectionId);
        return store.items(collectionId).stream()
                .filter(item -> item.id().equals(itemId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("thing"));
    }

    private Item item(Person reader, UUID collectionId, NewItem wish, int position) {
        var name = nameOf(reader, wish);
        return new Item(
                wish.id(),
                collectionId,
                wish.kind(),
                checked(wish.title().isBlank() ? shortened(name) : wish.title()),
                wish.note(),
                wish.url()
                        .filter(typed -> wish.kind() == ItemKind.LINK)
                        .map(typed -> WebLink.require(typed).address().toString()),
                wish.mediaId().filter(file -> wish.kind() == ItemKind.FILE),
                wish.entryId().filter(entry -> wish.kind() == ItemKind.ENTRY),
                wish.leadsTo().filter(other -> LEADING.contains(wish.kind())),
                position,
                Told.NOTHING);
    }

    /** What a thing is called by itself. Refuses what is not there, or not the reader's own. */
    private String nameOf(Person reader, NewItem wish) {
        return switch (wish.kind()) {
            case LINK -> WebLink.require(wish.url().orElse("")).address().getHost();
            case NOTE -> "";
            case FILE ->
                media.requireOwned(reader, wish.mediaId().orElseThrow(() -> Refusal.unfit("Choose a file.")))
                        .name();
            case ENTRY ->
                entries.require(reader, wish.entryId().orElseThrow(() -> Refusal.unfit("Choose an entry.")))
                        .name();
            case PAGE, VERSION, COLLECTION -> elsewhere.require(reader, wish.kind(), wish.leadsTo());
        };
    }

    private static String shortened(String name) {
        return name.length() <= LONGEST_TITLE ? name : name.substring(0, LONGEST_TITLE - 1) + "…";
    }

    static String checked(String typed) {
        var text = typed.strip();
        if (text.isEmpty() || text.length() > LONGEST_TITLE) {
            throw Refusal.unfit("Give it a title of up to 120 characters.");
        }
        return text;
    }
}
