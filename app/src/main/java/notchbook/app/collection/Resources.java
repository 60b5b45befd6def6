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
import notchbook.core.syllabus.Edition;
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
    private final CollectionNotches whole;
    private final Notebooks notebooks;
    private final Syllabi syllabi;

    Resources(
            Collections collections,
            CollectionStore store,
            CollectionReaders readers,
            ItemNotches notches,
            CollectionNotches whole,
            Notebooks notebooks,
            Syllabi syllabi,
            People people) {
        this.readers = readers;
        this.people = people;
        this.collections = collections;
        this.store = store;
        this.notches = notches;
        this.whole = whole;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    /**
     * A thing of a collection, or all of one where it names none, with the lines of a notebook's syllabus that it is notched to; {@code of}
     * says whose it is where it is shown by somebody.
     */
    record Resource(Collection collection, Optional<String> of, Optional<Item> item, Set<UUID> lines) {}

    /** Those of the reader's own collections, then those that others show. */
    List<Resource> of(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        var edition = syllabi.edition(notebook.editionId(), notebookId);
        var own = store.ownedBy(reader.id());
        var shown = readers.shownTo(reader.id()).stream()
                .flatMap(id -> store.find(id).stream())
                .toList();
        var all = Stream.concat(own.stream(), shown.stream()).toList();
        var ids = all.stream().map(Collection::id).toList();
        var notched = notches.in(ids);
        var notchedWhole = whole.in(ids);
        return all.stream()
                .flatMap(collection -> {
                    var of = Optional.of(collection.ownerId())
                            .filter(owner -> !owner.equals(reader.id()))
                            .map(people::nameOf);
                    return Stream.concat(
                            Stream.of(new Resource(
                                    collection,
                                    of,
                                    Optional.empty(),
                                    within(edition, notchedWhole.getOrDefault(collection.id(), Set.of())))),
                            store.items(collection.id()).stream()
                                    .map(item -> new Resource(
                                            collection,
                                            of,
                                            Optional.of(item),
                                            within(edition, notched.getOrDefault(item.id(), Set.of())))));
                })
                .filter(resource -> !resource.lines().isEmpty())
                .toList();
    }

    private static Set<UUID> within(Edition edition, Set<UUID> lines) {
        return lines.stream().filter(line -> edition.find(line).isPresent()).collect(toSet());
    }

    /** Notches all of one's collection to a line of a syllabus that one may read. */
    @Transactional
    public void cutWhole(Person reader, UUID collectionId, UUID line) {
        syllabi.requireLine(reader, line);
        collections.requireOwn(reader, collectionId);
        whole.cut(collectionId, line);
    }

    @Transactional
    void mendWhole(Person reader, UUID collectionId, UUID line) {
        collections.requireOwn(reader, collectionId);
        whole.mend(collectionId, line);
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
