package notchbook.app.collection;

import java.util.UUID;
import notchbook.app.mark.Marks;
import notchbook.app.mark.MarksOnThings;
import notchbook.app.people.Person;
import notchbook.core.mark.Mark;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets marks on things of one's own collections, and takes them off. */
@Service
class MarkingThings {
    private final Collections collections;
    private final Marks marks;
    private final MarksOnThings store;

    MarkingThings(Collections collections, Marks marks, MarksOnThings store) {
        this.collections = collections;
        this.marks = marks;
        this.store = store;
    }

    @Transactional
    void put(Person reader, UUID thing, Mark mark) {
        marks.requireFits(reader, mark);
        store.put(collections.requireThing(reader, thing).id(), mark);
    }

    /** Taking it off again changes nothing. */
    @Transactional
    void remove(Person reader, UUID thing, UUID id) {
        store.remove(collections.requireThing(reader, thing).id(), id);
    }
}
