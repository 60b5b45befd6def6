package notchbook.app.collection;

import static java.util.Comparator.comparing;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.net.URI;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import notchbook.app.link.LinkCard;
import notchbook.app.link.LinkCards;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.source.Cited;
import notchbook.core.source.Source;
import notchbook.core.text.Citing;
import org.springframework.stereotype.Component;

/** The things of a collection as they are cited: with what their student says of them, and what was found by itself. */
@Component
public class CitedThings {
    private final Collections collections;
    private final CollectionStore store;
    private final LinkCards cards;
    private final SchoolClock clock;

    CitedThings(Collections collections, CollectionStore store, LinkCards cards, SchoolClock clock) {
        this.collections = collections;
        this.store = store;
        this.cards = cards;
        this.clock = clock;
    }

    /** What was not made by the student themself: links, and all of which they say where it comes from. */
    public List<Cited> of(Person reader, UUID collectionId) {
        collections.requireOwn(reader, collectionId);
        var items = store.items(collectionId).stream()
                .filter(item ->
                        item.kind() == ItemKind.LINK || !item.told().source().equals(Source.UNKNOWN))
                .toList();
        return cited(reader, items, store.keptAt(collectionId));
    }

    /** Some things of the reader's own, in the order in which they are named; what is in the bin is left out. */
    public List<Cited> named(Person reader, List<UUID> ids) {
        if (ids.isEmpty()) {
            return List.of();
        }
        var items = store.ownItems(reader.id(), ids).stream()
                .sorted(comparing(item -> ids.indexOf(item.id())))
                .toList();
        return cited(reader, items, store.keptAt(ids));
    }

    /**
     * Things of somebody as others have them: what their notes cite leads where {@code addressOf} says, or nowhere. What is in the bin
     * is cited no more.
     */
    public List<Item> ledOn(Person owner, List<Item> items, Function<Cited, Optional<String>> addressOf) {
        var named = items.stream()
                .flatMap(item -> item.note().text().stream())
                .flatMap(text -> Citing.things(text).stream())
                .distinct()
                .toList();
        if (named.isEmpty()) {
            return items;
        }
        var known = named(owner, named).stream().collect(toMap(Cited::id, identity()));
        return items.stream()
                .map(item -> item.reading(text -> Citing.ledOn(
                        text, id -> Optional.ofNullable(known.get(id)).flatMap(addressOf), (id, words) -> words)))
                .toList();
    }

    /** The collection that a thing of the reader's own is in. */
    public UUID collectionOf(Person reader, UUID thing) {
        return collections.requireThing(reader, thing).collectionId();
    }

    private List<Cited> cited(Person reader, List<Item> items, Map<UUID, Instant> keptAt) {
        var known = cards.of(
                reader.id(), items.stream().flatMap(item -> item.url().stream()).toList());
        return items.stream()
                .map(item -> {
                    var card = item.url().flatMap(url -> Optional.ofNullable(known.get(url)));
                    return new Cited(
                            item.id(),
                            title(item, card),
                            item.url(),
                            found(item, card, clock.dayOf(keptAt.get(item.id()))));
                })
                .toList();
    }

    /** Where a thing comes from, blanks filled by what its page says; a page was looked at on the day on which it was kept. */
    static Source found(Item item, Optional<LinkCard> card, LocalDate keptOn) {
        return item.told()
                .source()
                .or(card.map(LinkCard::source).orElse(Source.UNKNOWN))
                .or(Source.lookedAt(item.url().map(url -> keptOn)));
    }

    /** A link that was given no name of its own is called as its page calls itself. */
    static String title(Item item, Optional<LinkCard> card) {
        var isNameless = item.url().map(URI::create).map(URI::getHost).equals(Optional.of(item.title()));
        return card.map(LinkCard::title)
                .filter(title -> isNameless && !title.isBlank())
                .orElse(item.title());
    }
}
