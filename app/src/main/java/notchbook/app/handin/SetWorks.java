package notchbook.app.handin;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What teachers ask their classes for. */
@Service
public class SetWorks {
    private final SetWorkStore store;
    private final People people;

    SetWorks(SetWorkStore store, People people) {
        this.store = store;
        this.people = people;
    }

    /** The set work of all classes that the reader is in or teaches, the latest due first. */
    public List<SetWork> visibleTo(Person reader) {
        return store.of(people.classesOf(reader).stream().map(SchoolClass::id).toList());
    }

    /** Set work for a class that the reader is in or teaches. */
    SetWork require(Person reader, UUID id) {
        var work = store.find(id).orElseThrow(() -> Refusal.notFound("set work"));
        people.requireClass(reader, work.classId());
        return work;
    }

    /** Set work of a class that the reader teaches. */
    SetWork requireTaught(Person reader, UUID id) {
        requireTeacher(reader);
        return require(reader, id);
    }

    @Transactional
    public void set(Person reader, SetWork wish) {
        requireTeacher(reader);
        people.requireClass(reader, wish.classId());
        if (wish.title().isBlank()
                || wish.title().length() > 120
                || wish.instructions().length() > 2_000) {
            throw Refusal.unfit("Give it a title of up to 120 characters, and instructions of up to 2,000.");
        }
        if (store.find(wish.id()).isEmpty()) {
            store.insert(wish);
        }
    }

    private static void requireTeacher(Person reader) {
        if (!reader.isTeacher()) {
            throw Refusal.notFound("place");
        }
    }
}
