package notchbook.app.collection;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.link.LinkCard;
import notchbook.app.link.LinkCards;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.link.Clip;
import org.springframework.stereotype.Component;

/** Clips elsewhere that things of collections lead to, for whoever sees the thing. */
@Component
class ThingClips {
    private final CollectionStore store;
    private final CollectionReaders readers;
    private final LinkCards cards;

    ThingClips(CollectionStore store, CollectionReaders readers, LinkCards cards) {
        this.store = store;
        this.readers = readers;
        this.cards = cards;
    }

    /** A clip, and what it is called. */
    record ThingClip(String title, Clip clip) {}

    ThingClip require(Person reader, UUID thing) {
        return store.findItem(thing)
                .flatMap(item -> store.find(item.collectionId())
                        .filter(in -> in.ownerId().equals(reader.id()) || readers.isShown(in.id(), reader.id()))
                        .flatMap(in -> card(in.ownerId(), item))
                        .flatMap(card -> card.clip()
                                .map(clip -> new ThingClip(CitedThings.title(item, Optional.of(card)), clip))))
                .orElseThrow(() -> Refusal.notFound("clip"));
    }

    private Optional<LinkCard> card(UUID owner, Item item) {
        return item.url()
                .flatMap(
                        url -> Optional.ofNullable(cards.of(owner, List.of(url)).get(url)));
    }
}
