package notchbook.app.collection;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionStore.Collection;
import notchbook.app.mark.MarkedThings;
import notchbook.app.mark.MarksOnThings;
import notchbook.app.mark.PlacedMark;
import notchbook.app.mark.Where;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.stereotype.Component;

/** The marks on the things of a student's collections, gathered with those on pages. */
@Component
class ThingMarks implements MarkedThings {
    private final CollectionStore store;
    private final MarksOnThings marks;
    private final ItemNotches notches;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    ThingMarks(
            CollectionStore store,
            MarksOnThings marks,
            ItemNotches notches,
            Notebooks notebooks,
            Syllabi syllabi,
            SchoolClock clock) {
        this.store = store;
        this.marks = marks;
        this.notches = notches;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    @Override
    public Stream<PlacedMark> of(Person owner) {
        var marked = marks.ofOwner(owner.id());
        if (marked.isEmpty()) {
            return Stream.empty();
        }
        var collections = store.ownedBy(owner.id()).stream().collect(toMap(Collection::id, identity()));
        var notched = notches.of(owner.id());
        var keptAt = store.keptAt(marked.keySet());
        var editions = notebooks.of(owner).stream()
                .map(notebook -> syllabi.edition(notebook.editionId(), notebook.id()))
                .toList();
        return store.ownItems(owner.id(), marked.keySet()).stream().flatMap(item -> {
            var where = new Where.OnThing(
                    item.id(),
                    item.collectionId(),
                    collections.get(item.collectionId()).title(),
                    clock.dayOf(keptAt.get(item.id())));
            var topics = topics(notched.getOrDefault(item.id(), Set.of()), editions);
            return marked.get(item.id()).stream().map(mark -> PlacedMark.of(where, item.title(), topics, mark));
        });
    }

    private static List<SyllabusNode> topics(Set<UUID> lines, List<Edition> editions) {
        return editions.stream()
                .flatMap(edition -> lines.stream().flatMap(line -> edition.topicOf(line).stream()))
                .distinct()
                .toList();
    }
}
