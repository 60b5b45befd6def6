package notchbook.app.collection;

import static java.util.Comparator.comparing;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryContent;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryPlace;
import notchbook.app.entry.EntryWidth;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.entry.PageText;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.collection.Detail;
import notchbook.core.collection.Note;
import notchbook.core.collection.ValueWords;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Patterns;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import org.springframework.stereotype.Component;

/** Binds a collection as it is now, so that it is read, sent and copied like pages. */
@Component
public class CollectionBinding {
    private final Collections collections;
    private final CollectionStore store;
    private final Details details;
    private final ItemNotches notches;
    private final CollectionNotches whole;
    private final Entries entries;
    private final NotebookEntries notebookEntries;
    private final Elsewhere elsewhere;
    private final Media media;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    CollectionBinding(
            Collections collections,
            CollectionStore store,
            Details details,
            ItemNotches notches,
            CollectionNotches whole,
            Entries entries,
            NotebookEntries notebookEntries,
            Elsewhere elsewhere,
            Media media,
            Notebooks notebooks,
            Syllabi syllabi,
            SchoolClock clock) {
        this.collections = collections;
        this.store = store;
        this.details = details;
        this.notches = notches;
        this.whole = whole;
        this.entries = entries;
        this.notebookEntries = notebookEntries;
        this.elsewhere = elsewhere;
        this.media = media;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** What its things are, told apart by its details. */
    private record Around(
            List<Detail> details,
            Map<UUID, Entry> live,
            Map<UUID, List<Entry>> pages,
            Map<UUID, MediaItem> files,
            Map<UUID, Set<UUID>> notches) {
        Set<UUID> notchesOf(Item item) {
            return notches.getOrDefault(item.id(), Set.of());
        }
    }

    /** A collection of the reader's own, in its own order; things under one heading stand on one page. */
    public Collected bind(Person reader, UUID id) {
        var collection = collections.require(reader, id);
        var items = store.items(id);
        if (items.isEmpty()) {
            throw Refusal.notNow("Nothing is in this collection yet.");
        }
        var around = around(reader, id, items);
        var pages = new ArrayList<Page>();
        var entriesByPage = new LinkedHashMap<UUID, List<Entry>>();
        byHeading(items).forEach((heading, some) -> {
            var page = page(id, heading, heading.isBlank() ? collection.title() : heading);
            pages.add(page);
            entriesByPage.put(
                    page.id(),
                    some.stream()
                            .flatMap(item -> thing(page.id(), item, around))
                            .toList());
        });
        var points = Stream.concat(
                        items.stream().flatMap(item -> around.notchesOf(item).stream()),
                        whole.in(List.of(id)).getOrDefault(id, Set.of()).stream())
                .collect(toSet());
        var helped = notebooks(reader, around.live().values(), points);
        if (helped.isEmpty()) {
            throw Refusal.notNow("Begin a notebook first: what is sent goes to its class.");
        }
        return new Collected(collection.title(), helped, points, pages, entriesByPage);
    }

    /** The notebook from which a collection with this work and for these points is sent; none where its student has no notebook. */
    Optional<UUID> home(Person reader, Collection<Entry> work, Set<UUID> points) {
        return notebooks(reader, work, points).stream().findFirst().map(Notebook::id);
    }

    private Around around(Person reader, UUID id, List<Item> items) {
        return new Around(
                details.of(reader, id),
                entries
                        .live(
                                reader,
                                items.stream()
                                        .flatMap(item -> item.entryId().stream())
                                        .toList())
                        .stream()
                        .collect(toMap(Entry::id, identity())),
                items.stream()
                        .flatMap(item -> elsewhere.page(reader, item).stream()
                                .map(page -> Map.entry(item.id(), notebookEntries.on(page))))
                        .collect(toMap(Map.Entry::getKey, Map.Entry::getValue)),
                media.findAll(
                        items.stream().flatMap(item -> item.mediaId().stream()).toList()),
                notches.of(reader.id()));
    }

    /** Those with work in it and those that it helps with, those of a class first; else any one. */
    private List<Notebook> notebooks(Person reader, Collection<Entry> work, Set<UUID> points) {
        var working = work.stream()
                .map(entry -> entries.notebookOf(reader, entry).id())
                .collect(toSet());
        var all = notebooks.of(reader).stream()
                .sorted(comparing((Notebook notebook) -> notebook.classId().isEmpty()))
                .toList();
        var helped = all.stream()
                .filter(notebook -> working.contains(notebook.id()) || helps(notebook, points))
                .toList();
        return helped.isEmpty() ? all.stream().limit(1).toList() : helped;
    }

    private boolean helps(Notebook notebook, Set<UUID> points) {
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        return points.stream().anyMatch(point -> edition.find(point).isPresent());
    }

    private static Map<String, List<Item>> byHeading(List<Item> items) {
        var byHeading = new LinkedHashMap<String, List<Item>>();
        items.forEach(item -> byHeading
                .computeIfAbsent(item.told().heading(), any -> new ArrayList<>())
                .add(item));
        return byHeading;
    }

    private Page page(UUID collection, String heading, String title) {
        var id = UUID.nameUUIDFromBytes((collection + " " + heading).getBytes(StandardCharsets.UTF_8));
        return new Page(id, id, title, clock.today(), 0, Patterns.FREE, Paper.PLAIN);
    }

    /** A thing under its name: why it was kept, what it is, and what is said beside it. */
    private static Stream<Entry> thing(UUID page, Item item, Around around) {
        var text = new PageText(page);
        var head = new ArrayList<Block>();
        head.add(PageText.heading(item.title()));
        head.addAll(PageText.paragraphs(item.told().why()));
        head.addAll(PageText.paragraphs(values(item, around.details())));
        return Stream.of(
                        Stream.of(text.of("name " + item.id(), head)),
                        content(page, item, around),
                        Stream.of(text.of("note " + item.id(), note(item.note()))))
                .flatMap(some -> some)
                .filter(entry -> !entry.isEmpty());
    }

    private static List<Block> note(Note note) {
        return note.text().map(Document::blocks).orElseGet(() -> PageText.paragraphs(note.words()));
    }

    private static Stream<Entry> content(UUID page, Item item, Around around) {
        return switch (item.kind()) {
            case NOTE -> Stream.empty();
            case LINK -> Stream.of(entry(page, item, EntryKind.LINK, item.url().orElseThrow(), around));
            case FILE ->
                item.mediaId().flatMap(id -> Optional.ofNullable(around.files().get(id))).stream()
                        .map(file ->
                                entry(page, item, EntryKind.valueOf(file.kind().name()), file.name(), around));
            case ENTRY ->
                item.entryId().flatMap(id -> Optional.ofNullable(around.live().get(id))).stream()
                        .map(entry -> entry.apart(EntryWidth.FULL));
            case PAGE ->
                around.pages().getOrDefault(item.id(), List.of()).stream().map(entry -> entry.apart(EntryWidth.FULL));
            case VERSION, COLLECTION -> Stream.empty();
        };
    }

    private static Entry entry(UUID page, Item item, EntryKind kind, String words, Around around) {
        var content = EntryContent.of(kind, words);
        return new Entry(
                item.id(),
                EntryPlace.on(page, EntryWidth.FULL),
                kind,
                content.json(),
                content.isEmpty(),
                item.mediaId(),
                "",
                0,
                1,
                Instant.EPOCH,
                Instant.EPOCH,
                Optional.empty(),
                around.notchesOf(item));
    }

    private static String values(Item item, List<Detail> details) {
        return details.stream()
                .filter(detail -> !item.told().of(detail.id()).isEmpty())
                .map(detail -> detail.name() + ": "
                        + item.told().of(detail.id()).stream()
                                .map(value -> ValueWords.of(detail.kind().scale(), detail.unit(), value))
                                .collect(joining(", ")))
                .collect(joining(" · "));
    }
}
