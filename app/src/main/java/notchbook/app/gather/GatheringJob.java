package notchbook.app.gather;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.toCollection;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.collection.Details;
import notchbook.app.collection.Item;
import notchbook.app.collection.ItemKind;
import notchbook.app.gather.FoundThings.FoundThing;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Job;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.Steadily;
import notchbook.core.collection.Note;
import notchbook.core.collection.SameAddress;
import org.springframework.stereotype.Component;

/** Takes files into collections, some hundred things at a time; a run that breaks off is done again and puts nothing in twice. */
@Component
class GatheringJob implements Job {
    static final String NAME = "gathering";

    private static final int AT_ONCE = 500;

    /** Of so many links the pages are fetched; of the others, when somebody asks. */
    private static final int FETCHED_AT_ONCE = 200;

    private final GatheringStore store;
    private final Collections collections;
    private final Details details;
    private final Media media;
    private final People people;
    private final LinkCards cards;

    GatheringJob(
            GatheringStore store,
            Collections collections,
            Details details,
            Media media,
            People people,
            LinkCards cards) {
        this.cards = cards;
        this.store = store;
        this.collections = collections;
        this.details = details;
        this.media = media;
        this.people = people;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID id) {
        store.find(id).filter(one -> one.state() == MadeState.WAITING).ifPresent(gathering -> {
            try {
                take(gathering);
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            } catch (Refusal | IllegalArgumentException odd) {
                store.failed(id, Optional.ofNullable(odd.getMessage()).orElse("The file can't be read."));
            }
        });
    }

    private void take(Gathering gathering) throws IOException {
        var owner = people.find(gathering.ownerId()).orElseThrow(() -> Refusal.notFound("collection"));
        var item = media.requireOwned(owner, gathering.mediaId());
        var found = read(gathering, Gatherings.form(item, media.place(item)), media.place(item));
        for (var detail : found.details()) {
            details.keep(owner, gathering.collectionId(), detail);
        }
        var once = addresses(owner, gathering);
        var items = new ArrayList<Item>();
        var first = collections.sizeOf(owner, gathering.collectionId());
        for (var thing : found.things()) {
            if (thing.url().map(SameAddress::of).map(once::add).orElse(true)) {
                items.add(item(gathering, thing, items.size(), first));
            }
        }
        put(owner, gathering, items);
        items.stream()
                .flatMap(one -> one.url().stream())
                .limit(FETCHED_AT_ONCE)
                .forEach(url -> cards.want(owner.id(), url));
        store.taken(gathering.id(), items.size(), found.things().size() - items.size(), found.leftOut());
    }

    private static FoundThings read(Gathering gathering, FileForm form, Path file) throws IOException {
        return switch (form) {
            case BOOKMARKS -> FoundFile.bookmarks(file);
            case REFERENCES -> FoundFile.references(file);
            case TABLE ->
                FoundFile.table(
                        Gatherings.table(file),
                        gathering.columns().stream().map(ColumnBody::column).toList());
        };
    }

    /** Those that are in the collection already; what an earlier run put there is not meant. */
    private Set<String> addresses(Person owner, Gathering gathering) {
        return collections.addressesOf(owner, gathering.collectionId(), gathering.id()).stream()
                .map(SameAddress::of)
                .collect(toCollection(HashSet::new));
    }

    private static Item item(Gathering gathering, FoundThing thing, int at, int first) {
        return new Item(
                UUID.nameUUIDFromBytes((gathering.id() + " " + at).getBytes(UTF_8)),
                gathering.collectionId(),
                thing.url().isPresent() ? ItemKind.LINK : ItemKind.NOTE,
                thing.title(),
                Note.of(thing.note()),
                thing.url(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                first + at,
                thing.told());
    }

    private void put(Person owner, Gathering gathering, List<Item> items) {
        var progress = new Steadily(share -> store.share(gathering.id(), share));
        for (var from = 0; from < items.size(); from += AT_ONCE) {
            var to = Math.min(items.size(), from + AT_ONCE);
            collections.addAll(owner, gathering.collectionId(), gathering.id(), items.subList(from, to));
            progress.accept((double) to / items.size());
        }
    }
}
