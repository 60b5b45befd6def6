package notchbook.app.link;

import java.io.IOException;
import java.net.URI;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Incoming;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaKind;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Job;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.SentFile;
import notchbook.core.collection.SameAddress;
import notchbook.core.link.Clip;
import notchbook.formats.link.Embedding;
import notchbook.formats.link.PageCard;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fetches a linked page and makes its card: title, description and picture, the picture kept as any photo is. */
@Component
class CardFetching implements Job {
    static final String NAME = "link-card";

    private final LinkCardStore store;
    private final PublicWeb web;
    private final Media media;
    private final People people;
    private final SchoolClock clock;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;

    CardFetching(
            LinkCardStore store,
            PublicWeb web,
            Media media,
            People people,
            SchoolClock clock,
            ApplicationEventPublisher events,
            TransactionTemplate transaction) {
        this.store = store;
        this.web = web;
        this.media = media;
        this.people = people;
        this.clock = clock;
        this.events = events;
        this.transaction = transaction;
    }

    @Override
    public String name() {
        return NAME;
    }

    /** The network is waited for outside the transaction. */
    @Override
    public void run(UUID cardId) {
        store.find(cardId).ifPresent(card -> {
            var done = fetched(card);
            transaction.executeWithoutResult(status -> {
                store.update(done, clock.now());
                events.publishEvent(new LinkFetched(card.ownerId(), card.address()));
            });
        });
    }

    private LinkCard fetched(LinkCard card) {
        try {
            var fetched = web.page(URI.create(card.address()));
            var page = read(fetched);
            var picture = people.find(card.ownerId())
                    .flatMap(owner -> page.picture().flatMap(address -> picture(owner, address)));
            return card.fetched(page, picture, movedTo(card, fetched));
        } catch (IOException unreached) {
            return card.unreached();
        }
    }

    private PageCard read(PublicWeb.Fetched fetched) {
        if (fetched.type().startsWith("video/")) {
            return PageCard.ofFile(fetched.address(), Clip.Form.FILM);
        }
        if (fetched.type().startsWith("audio/")) {
            return PageCard.ofFile(fetched.address(), Clip.Form.SOUND);
        }
        var page = PageCard.read(fetched.content(), fetched.charset(), fetched.address());
        return page.embedding().flatMap(this::embedding).map(page::or).orElse(page);
    }

    /** What the site says beside the page; what can't be had is done without. */
    private Optional<Embedding> embedding(URI address) {
        try {
            var said = web.embedding(address);
            return Embedding.read(said.content(), said.address());
        } catch (IOException nothingSaid) {
            return Optional.empty();
        }
    }

    /** An address that only leads to the same page in other words has not moved. */
    private static String movedTo(LinkCard card, PublicWeb.Fetched fetched) {
        return fetched.movedTo()
                .map(URI::toString)
                .filter(address -> !SameAddress.of(address).equals(SameAddress.of(card.address())))
                .orElse("");
    }

    /** The page's picture as a photo of the owner's; a picture that can't be had or read is done without. */
    private Optional<UUID> picture(Person owner, URI address) {
        try {
            var content = web.picture(address).content();
            try (var file = SentFile.of("picture.jpg", content)) {
                return Optional.of(media.take(owner, Incoming.whole(clock.newId(), file.name(), file.path())))
                        .filter(item -> item.kind() == MediaKind.PHOTO)
                        .map(MediaItem::id);
            }
        } catch (IOException | Refusal noPicture) {
            return Optional.empty();
        }
    }
}
