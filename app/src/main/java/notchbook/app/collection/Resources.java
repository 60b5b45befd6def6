package notchbook.app.collection;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionStore.Collection;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Resources by point: things of one's collections that stand beside the work of a notebook and cover nothing. */
@Service
public class Resources {
    private final Collections collections;
    private final CollectionStore store;
    private final CollectionReaders readers;
    private final People people;
    private final ItemNotches notches;
    private final Notebooks notebooks;
    private final Syllabi syllabi;

    Resources(
            Collections collections,
            CollectionStore store,
            CollectionReaders readers,
            ItemNotches notches,
            Notebooks notebooks,
            Syllabi syllabi,
            People people) {
        this.readers = readers;
        this.people = people;
        this.collections = collections;
        this.store = store;
        this.notches = notches;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    /** A thing of a collection with the lines of a notebook's syllabus that it is notched to; {@code of} says whose it is where it is shown by somebody. */
    record Resource(Collection collection, Optional<String> of, Item item, Set<UUID> lines) {}

    /** Those of the reader's own collections, then those that others show. */
    List<Resource> of(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        var edition = syllabi.edition(notebook.editionId(), notebookId);
        var own = store.ownedBy(reader.id());
        var shown = readers.shownTo(reader.id()).stream()
                .flatMap(id -> store.find(id).stream())
                .toList();
        var notched = notches.in(
                Stream.concat(own.stream(), shown.stream()).map(Collection::id).toList());
        return Stream.concat(own.stream(), shown.stream())
                .flatMap(collection -> store.items(collection.id()).stream()
                        .map(item -> new Resource(
                                collection,
                                Optional.of(collection.ownerId())
                                        .filter(owner -> !owner.equals(reader.id()))
                                        .map(people::nameOf),
                                item,
                                notched.getOrDefault(item.id(), Set.of()).stream()
                                        .filter(line -> edition.find(line).isPresent())
                                        .collect(toSet()))))
                .filter(resource -> !resource.lines().isEmpty())
                .toList();
    }

    /** Notches a thing of one's collection to a line of a syllabus that one may read. */
    @Transactional
    public void cut(Person reader, UUID collectionId, UUID itemId, UUID line) {
        syllabi.requireLine(reader, line);
        notches.cut(collections.requireItem(reader, collectionId, itemId).id(), line);
    }

    @Transactional
    void mend(Person reader, UUID collectionId, UUID itemId, UUID line) {
        notches.mend(collections.requireItem(reader, collectionId, itemId).id(), line);
    }
}
