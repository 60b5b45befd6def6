package notchbook.app.show;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.collection.CitedThings;
import notchbook.app.collection.CollectionDesk;
import notchbook.app.collection.Collections;
import notchbook.app.collection.Details;
import notchbook.app.collection.Item;
import notchbook.app.media.Incoming;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.collection.Detail;
import notchbook.core.source.Cited;
import notchbook.core.text.Document;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes things of others' collections over into one's own, with a word of whose they were. Their own work stays with them. */
@Service
class TakingOver {
    private static final String LATER = "For later";
    private static final int LONGEST_FROM = 300;

    private final Shown shown;
    private final Collections collections;
    private final CitedThings cited;
    private final CollectionDesk desk;
    private final Details details;
    private final Media media;
    private final SchoolClock clock;

    TakingOver(
            Shown shown,
            Collections collections,
            CitedThings cited,
            CollectionDesk desk,
            Details details,
            Media media,
            SchoolClock clock) {
        this.shown = shown;
        this.collections = collections;
        this.cited = cited;
        this.desk = desk;
        this.details = details;
        this.media = media;
        this.clock = clock;
    }

    /** Into which collection, how many things came over, and how many stay, being their owner's own work. */
    record Taken(UUID into, int things, int stayed) {}

    /** Into the reader's collection for what they look at later, which is made where there is none. */
    @Transactional
    Taken forLater(Person reader, UUID from, Set<UUID> things) {
        var into = desk.lines(reader).stream()
                .filter(line -> line.title().equals(LATER))
                .map(line -> line.id())
                .findFirst()
                .orElseGet(() -> made(reader, LATER));
        return take(reader, from, things, into);
    }

    /** Into a new collection of the same name. */
    @Transactional
    Taken asOwn(Person reader, UUID from, Set<UUID> things) {
        shown.requireOwner(reader, from);
        return take(reader, from, things, made(reader, desk.titleOf(from)));
    }

    private UUID made(Person reader, String title) {
        var id = clock.newId();
        collections.keep(reader, id, title, "");
        return id;
    }

    /** Some things, or all where none is named. Details come along; what was taken before is not taken twice. */
    @Transactional
    Taken take(Person reader, UUID from, Set<UUID> things, UUID into) {
        var owner = shown.requireOwner(reader, from);
        var wished = collections.itemsOf(owner, from).stream()
                .filter(item -> things.isEmpty() || things.contains(item.id()))
                .toList();
        var comeAlong = wished.stream()
                .filter(item -> !item.kind().staysWithItsOwner())
                .map(Item::id)
                .collect(toSet());
        var whose = "%s: %s".formatted(owner.fullName(), desk.titleOf(from));
        var noted = whose.length() <= LONGEST_FROM ? whose : whose.substring(0, LONGEST_FROM);
        var known = details.of(owner, from);
        known.forEach(detail -> details.keep(reader, into, copied(detail, into)));
        var first = collections.sizeOf(reader, into);
        var copies = new ArrayList<Item>();
        for (var item : cited.ledOn(owner, wished, thing -> leadingTo(thing, comeAlong, into))) {
            copied(reader, item, into, first + copies.size(), known).ifPresent(copies::add);
        }
        collections.takeOver(reader, into, copies, noted);
        return new Taken(into, copies.size(), wished.size() - copies.size());
    }

    private static Detail copied(Detail detail, UUID into) {
        return new Detail(copyOf(detail.id(), into), detail.name(), detail.kind(), detail.unit());
    }

    /** The same thing taken into the same collection has the same id, so that it is there once. */
    private static UUID copyOf(UUID id, UUID into) {
        return UUID.nameUUIDFromBytes((id + " " + into).getBytes(UTF_8));
    }

    /** What comes along too is cited in the new place; anything else is where it was found. */
    private static Optional<String> leadingTo(Cited thing, Set<UUID> comeAlong, UUID into) {
        return comeAlong.contains(thing.id())
                ? Optional.of(Document.Link.citing(copyOf(thing.id(), into)).address())
                : thing.address();
    }

    private Optional<Item> copied(Person reader, Item item, UUID into, int position, List<Detail> known) {
        return switch (item.kind()) {
            case LINK, NOTE -> Optional.of(copy(item, into, position, Optional.empty(), known));
            case FILE -> Optional.of(copy(item, into, position, file(reader, item, into), known));
            case ENTRY, PAGE, VERSION, COLLECTION -> Optional.empty();
        };
    }

    /** A file of one's own with the same content. */
    private Optional<UUID> file(Person reader, Item item, UUID into) {
        return item.mediaId().flatMap(media::find).map(there -> media.take(
                        reader, Incoming.whole(copyOf(there.id(), into), there.name(), media.place(there)))
                .id());
    }

    private static Item copy(Item item, UUID into, int position, Optional<UUID> file, List<Detail> known) {
        return new Item(
                copyOf(item.id(), into),
                into,
                item.kind(),
                item.title(),
                item.note(),
                item.url(),
                file,
                Optional.empty(),
                Optional.empty(),
                position,
                item.told()
                        .copied(
                                detail ->
                                        known.stream().anyMatch(one -> one.id().equals(detail)),
                                detail -> copyOf(detail, into)));
    }
}
