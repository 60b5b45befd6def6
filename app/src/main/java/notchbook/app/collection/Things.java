package notchbook.app.collection;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.link.LinkCards;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.collection.Note;
import notchbook.core.link.ClipSpan;
import notchbook.core.link.WebLink;
import notchbook.core.source.Source;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What students say of the things that they gathered. */
@Service
public class Things {
    private static final int LONGEST_WHY = 4_000;
    private static final int LONGEST_HEADING = 120;

    private final Collections collections;
    private final CollectionStore store;
    private final Details details;
    private final LinkCards cards;

    Things(Collections collections, CollectionStore store, Details details, LinkCards cards) {
        this.cards = cards;
        this.collections = collections;
        this.store = store;
        this.details = details;
    }

    /** What is said anew; what is not there stays, and so do values of details that are not named. */
    public record Telling(
            Optional<String> title,
            Optional<Note> note,
            Optional<String> why,
            Optional<String> heading,
            Map<UUID, List<String>> values,
            Optional<Source> source,
            Optional<String> url,
            Optional<Played> played) {}

    /** The part of a clip that plays, as its times are typed: from 0:40 to 1:25; blank from its beginning, or to its end. */
    public record Played(String from, String to) {
        static Played of(ClipSpan span) {
            return new Played(span.from(), span.to());
        }
    }

    @Transactional
    public void tell(Person reader, UUID collectionId, UUID itemId, Telling telling) {
        var before = collections.requireItem(reader, collectionId, itemId);
        var told = new Told(
                telling.why().orElse(before.told().why()),
                telling.heading().map(String::strip).orElse(before.told().heading()),
                details.filled(collectionId, before.told().values(), telling.values()),
                telling.source().orElse(before.told().source()),
                before.told().takenFrom(),
                telling.played()
                        .map(played -> ClipSpan.parse(played.from(), played.to()))
                        .orElse(before.told().played()));
        if (told.why().length() > LONGEST_WHY) {
            throw Refusal.unfit("Say why you kept it in up to 4,000 characters.");
        }
        if (told.heading().length() > LONGEST_HEADING) {
            throw Refusal.unfit("A heading has up to 120 characters.");
        }
        store.update(before.at(telling.url()
                        .map(typed -> linked(reader, before, typed))
                        .or(before::url))
                .with(
                        telling.title().map(Collections::checked).orElse(before.title()),
                        telling.note().orElse(before.note()),
                        told));
    }

    /** A page may have moved; what it says of itself there is fetched. */
    private String linked(Person reader, Item before, String typed) {
        if (before.kind() != ItemKind.LINK) {
            throw Refusal.unfit("Only a link has an address.");
        }
        var address = WebLink.require(typed).address().toString();
        cards.want(reader.id(), address);
        return address;
    }
}
