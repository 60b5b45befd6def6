package notchbook.app.show;

import static java.util.Comparator.comparing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.CollectionDesk;
import notchbook.app.collection.CollectionReaders;
import notchbook.app.collection.CollectionViews.CollectionView;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.view.LookedAt;
import notchbook.app.view.ViewsOfCollection;
import org.springframework.stereotype.Component;

/** Collections of others, as they are to whom they are shown. */
@Component
class Shown {
    private final CollectionReaders readers;
    private final CollectionDesk desk;
    private final LookedAt views;

    Shown(CollectionReaders readers, CollectionDesk desk, LookedAt views) {
        this.readers = readers;
        this.desk = desk;
        this.views = views;
    }

    /** A collection of somebody's: whose, how much is in it, and the topics that it helps with. */
    record ShownLine(
            UUID id,
            String title,
            String purpose,
            Optional<UUID> coverId,
            String of,
            boolean ofTeacher,
            int things,
            List<String> topics) {}

    record ShownCollection(String of, boolean ofTeacher, CollectionView collection, ViewsOfCollection views) {}

    List<ShownLine> to(Person reader) {
        return readers.shownTo(reader.id()).stream()
                .map(id -> line(id, desk.ownerOf(id)))
                .sorted(comparing(ShownLine::title))
                .toList();
    }

    private ShownLine line(UUID id, Person owner) {
        var about = desk.summary(owner, id);
        return new ShownLine(
                id,
                about.title(),
                about.purpose(),
                about.coverId(),
                owner.fullName(),
                owner.isTeacher(),
                about.things(),
                about.topics());
    }

    ShownCollection require(Person reader, UUID id) {
        var owner = requireOwner(reader, id);
        var collection = desk.toBeRead(owner, id).orElseThrow(() -> Refusal.notFound("collection"));
        return new ShownCollection(owner.fullName(), owner.isTeacher(), collection, views.of(owner, id));
    }

    /** Whose a collection is that is shown to the reader; any other is not there for them. */
    Person requireOwner(Person reader, UUID id) {
        if (!readers.isShown(id, reader.id())) {
            throw Refusal.notFound("collection");
        }
        return desk.ownerOf(id);
    }
}
