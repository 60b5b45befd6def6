package notchbook.app.collection;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Resources by point: things of one's collections that stand beside the work of a notebook and cover nothing. */
@Service
public class Resources {
    private final Collections collections;
    private final CollectionStore store;
    private final ItemNotches notches;
    private final Notebooks notebooks;
    private final Syllabi syllabi;

    Resources(
            Collections collections, CollectionStore store, ItemNotches notches, Notebooks notebooks, Syllabi syllabi) {
        this.collections = collections;
        this.store = store;
        this.notches = notches;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    /** A thing of a collection with the lines of a notebook's syllabus that it is notched to. */
    record Resource(CollectionStore.Collection collection, Item item, Set<UUID> lines) {}

    List<Resource> of(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        var edition = syllabi.edition(notebook.editionId(), notebookId);
        var notched = notches.of(reader.id());
        return store.ownedBy(reader.id()).stream()
                .flatMap(collection -> store.items(collection.id()).stream()
                        .map(item -> new Resource(
                                collection,
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
