package notchbook.app.view;

import java.util.List;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The views that a student keeps of their collections. */
@Service
public class KeptViews {
    private static final int MOST = 50;
    private static final int LONGEST_NAME = 100;

    private final Collections collections;
    private final KeptViewStore store;

    KeptViews(Collections collections, KeptViewStore store) {
        this.collections = collections;
        this.store = store;
    }

    List<NamedView> of(Person reader, UUID collectionId) {
        collections.requireOwn(reader, collectionId);
        return store.of(collectionId);
    }

    @Transactional
    public void keep(Person reader, UUID collectionId, NamedView view) {
        var there = of(reader, collectionId);
        if (view.name().isBlank() || view.name().length() > LONGEST_NAME) {
            throw Refusal.unfit("Give the view a name of 1 to 100 characters.");
        }
        if (there.size() >= MOST) {
            throw Refusal.unfit("A collection keeps up to 50 views. Delete one that nobody looks at.");
        }
        if (!store.put(collectionId, view, there.size())) {
            throw Refusal.notFound("view");
        }
    }

    @Transactional
    void delete(Person reader, UUID collectionId, UUID id) {
        collections.requireOwn(reader, collectionId);
        if (!store.delete(collectionId, id)) {
            throw Refusal.notFound("view");
        }
    }
}
