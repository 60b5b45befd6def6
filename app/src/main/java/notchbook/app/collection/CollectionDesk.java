package notchbook.app.collection;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionStore.Collection;
import notchbook.app.collection.CollectionViews.CollectionLine;
import notchbook.app.collection.CollectionViews.CollectionView;
import notchbook.app.collection.CollectionViews.EntryPlace;
import notchbook.app.collection.CollectionViews.ItemView;
import notchbook.app.collection.CollectionViews.OwnPlace;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.Glimpse;
import notchbook.app.entry.Glimpses;
import notchbook.app.link.LinkCard;
import notchbook.app.link.LinkCardView;
import notchbook.app.link.LinkCards;
import notchbook.app.mark.MarkView;
import notchbook.app.mark.MarksOnThings;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaView;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.collection.SameAddress;
import notchbook.core.mark.Mark;
import notchbook.core.source.Cited;
import notchbook.core.syllabus.Edition;
import notchbook.formats.document.DocumentJson;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Puts together what is seen of collections. */
@Component
public class CollectionDesk {
    private static final JsonMapper MAPPER = new JsonMapper();

    private final Collections collections;
    private final CitedThings cited;
    private final CollectionStore store;
    private final Details details;
    private final CollectionBinding binding;
    private final ItemNotches notches;
    private final CollectionNotches whole;
    private final MarksOnThings marks;
    private final Entries entries;
    private final Elsewhere elsewhere;
    private final Glimpses glimpses;
    private final Media media;
    private final LinkCards cards;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final People people;
    private final SchoolClock clock;

    CollectionDesk(
            Collections collections,
            CitedThings cited,
            CollectionStore store,
            Details details,
            CollectionBinding binding,
            ItemNotches notches,
            CollectionNotches whole,
            MarksOnThings marks,
            Entries entries,
            Elsewhere elsewhere,
            Glimpses glimpses,
            Media media,
            LinkCards cards,
            Notebooks notebooks,
            Syllabi syllabi,
            People people,
            SchoolClock clock) {
        this.people = people;
        this.collections = collections;
        this.cited = cited;
        this.store = store;
        this.details = details;
        this.binding = binding;
        this.notches = notches;
        this.whole = whole;
        this.marks = marks;
        this.entries = entries;
        this.elsewhere = elsewhere;
        this.glimpses = glimpses;
        this.media = media;
        this.cards = cards;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    public List<CollectionLine> lines(Person reader) {
        var counts = store.itemCounts(reader.id());
        return store.ownedBy(reader.id()).stream()
                .map(found -> line(found, counts.getOrDefault(found.id(), Map.of())))
                .toList();
    }

    private static CollectionLine line(Collection found, Map<ItemKind, Integer> counts) {
        return new CollectionLine(
                found.id(),
                found.title(),
                found.purpose(),
                counts.values().stream().mapToInt(count -> count).sum(),
                found.coverId(),
                counts.entrySet().stream()
                        .sorted(Map.Entry.<ItemKind, Integer>comparingByValue()
                                .reversed()
                                .thenComparing(Map.Entry.comparingByKey()))
                        .map(Map.Entry::getKey)
                        .toList());
    }

    /** Whose a collection is that is known to be there. */
    public Person ownerOf(UUID id) {
        return store.find(id)
                .flatMap(found -> people.find(found.ownerId()))
                .orElseThrow(() -> Refusal.notFound("collection"));
    }

    /** What a collection is about: how much is in it, and the topics that it helps with. */
    public record Summary(String title, String purpose, Optional<UUID> coverId, int things, List<String> topics) {}

    /** The same of a collection that is known to be its owner's, without reading all of it. */
    public Summary summary(Person owner, UUID id) {
        var found = collections.require(owner, id);
        return new Summary(
                found.title(),
                found.purpose(),
                found.coverId(),
                store.count(id),
                Stream.of(notches.in(List.of(id)), whole.in(List.of(id)))
                        .flatMap(notched -> topics(owner, notched).values().stream())
                        .flatMap(List::stream)
                        .distinct()
                        .sorted()
                        .toList());
    }

    /** What a collection is called that is known to be there. */
    public String titleOf(UUID id) {
        return store.find(id).map(CollectionStore.Collection::title).orElse("");
    }

    public CollectionView view(Person reader, UUID id) {
        return view(reader, collections.require(reader, id), store.items(id));
    }

    /** The same for those to whom its owner shows it; nothing where it is in the bin. */
    public Optional<CollectionView> toBeRead(Person owner, UUID id) {
        return store.own(owner.id(), id)
                .map(found -> view(owner, found, cited.ledOn(owner, store.items(id), Cited::address))
                        .toBeRead());
    }

    private CollectionView view(Person reader, Collection found, List<Item> items) {
        var id = found.id();
        var behind = behind(reader, id, items);
        return new CollectionView(
                found.id(),
                found.title(),
                found.purpose(),
                found.coverId(),
                whole.in(List.of(id)).getOrDefault(id, Set.of()),
                binding.home(reader, behind.live().values(), behind.points()),
                details.of(reader, id),
                items.stream().map(item -> view(item, behind)).toList());
    }

    /** What lies behind the things of a collection: files, entries that are not in the bin, cards of pages, topics and points; and twins. */
    private record Behind(
            Map<UUID, MediaItem> files,
            Map<UUID, Entry> live,
            Map<UUID, Glimpse> glimpses,
            Map<String, LinkCard> cards,
            Map<UUID, List<String>> topics,
            Map<UUID, Set<UUID>> notched,
            Set<UUID> points,
            Map<UUID, UUID> twins,
            Map<UUID, Instant> keptAt,
            Map<UUID, String> elsewhere,
            Map<UUID, List<Mark>> marks) {}

    private Behind behind(Person reader, UUID id, List<Item> items) {
        var live = entries.live(
                reader, items.stream().flatMap(item -> item.entryId().stream()).toList());
        var notched = notches.of(reader.id());
        return new Behind(
                media.findAll(
                        items.stream().flatMap(item -> item.mediaId().stream()).toList()),
                live.stream().collect(toMap(Entry::id, identity())),
                glimpses.of(live).stream().collect(toMap(Glimpse::id, identity())),
                cards.of(
                        reader.id(),
                        items.stream().flatMap(item -> item.url().stream()).toList()),
                topics(reader, notched),
                notched,
                items.stream()
                        .flatMap(item -> notched.getOrDefault(item.id(), Set.of()).stream())
                        .collect(toSet()),
                twins(items),
                store.keptAt(id),
                elsewhere.names(reader, items),
                marks.on(items.stream().map(Item::id).toList()));
    }

    /** The topics of the reader's notebooks that notched things help with, each by its code and title. */
    private Map<UUID, List<String>> topics(Person reader, Map<UUID, Set<UUID>> notched) {
        if (notched.isEmpty()) {
            return Map.of();
        }
        var editions = reader.isTeacher()
                ? syllabi.editions(reader).stream()
                        .map(info -> syllabi.edition(info.id()))
                        .toList()
                : notebooks.of(reader).stream()
                        .map(notebook -> syllabi.edition(notebook.editionId(), notebook.id()))
                        .toList();
        return notched.entrySet().stream()
                .collect(toMap(Map.Entry::getKey, one -> Edition.topicNames(editions, one.getValue())));
    }

    /** For each link that leads where an earlier one leads already, that one. */
    private static Map<UUID, UUID> twins(List<Item> items) {
        var first = new HashMap<String, UUID>();
        var twins = new HashMap<UUID, UUID>();
        for (var item : items) {
            item.url()
                    .flatMap(url -> Optional.ofNullable(first.putIfAbsent(SameAddress.of(url), item.id())))
                    .ifPresent(earlier -> twins.put(item.id(), earlier));
        }
        return twins;
    }

    private ItemView view(Item item, Behind behind) {
        var card = item.url().flatMap(url -> Optional.ofNullable(behind.cards().get(url)));
        var keptOn = clock.dayOf(behind.keptAt().get(item.id()));
        return new ItemView(
                item.id(),
                item.kind(),
                CitedThings.title(item, card),
                item.note().words(),
                item.note().text().map(DocumentJson::write).map(MAPPER::readTree),
                item.url(),
                item.mediaId()
                        .flatMap(id -> Optional.ofNullable(behind.files().get(id)))
                        .map(MediaView::of),
                item.entryId().map(id -> place(id, behind)),
                item.leadsTo()
                        .map(id ->
                                new OwnPlace(Optional.of(id), behind.elsewhere().getOrDefault(item.id(), ""))),
                card.map(LinkCardView::of),
                item.told().why(),
                item.told().heading(),
                item.told().values(),
                behind.topics().getOrDefault(item.id(), List.of()),
                behind.notched().getOrDefault(item.id(), Set.of()),
                keptOn,
                Optional.ofNullable(behind.twins().get(item.id())),
                item.told().source(),
                CitedThings.found(item, card, keptOn),
                item.told().takenFrom(),
                Things.Played.of(item.told().played()),
                behind.marks().getOrDefault(item.id(), List.of()).stream()
                        .map(mark -> MarkView.of(item.id(), mark))
                        .toList());
    }

    private static EntryPlace place(UUID id, Behind behind) {
        var entry = Optional.ofNullable(behind.live().get(id));
        return new EntryPlace(
                id,
                entry.map(one -> one.place().pageId()),
                entry.map(Entry::kind),
                Optional.ofNullable(behind.glimpses().get(id)).flatMap(Glimpse::picture),
                Optional.ofNullable(behind.glimpses().get(id))
                        .map(Glimpse::words)
                        .orElse(""));
    }
}
