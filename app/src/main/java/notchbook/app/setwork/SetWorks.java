package notchbook.app.setwork;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What teachers ask their classes for. */
@Service
public class SetWorks {
    private final SetWorkStore store;
    private final Judgements judgements;
    private final People people;
    private final SchoolClock clock;

    SetWorks(SetWorkStore store, Judgements judgements, People people, SchoolClock clock) {
        this.store = store;
        this.judgements = judgements;
        this.people = people;
        this.clock = clock;
    }

    /** The set work of all classes that the reader is in or teaches, the latest due first. */
    public List<SetWork> visibleTo(Person reader) {
        return store.asked(classesOf(reader));
    }

    /** Any set work, also what was taken back. */
    public Optional<SetWork> find(UUID id) {
        return store.find(id);
    }

    /** Set work for a class that the reader is in or teaches, also what was taken back. */
    public SetWork require(Person reader, UUID id) {
        var work = store.find(id).orElseThrow(() -> Refusal.notFound("set work"));
        people.requireClass(reader, work.classId());
        return work;
    }

    /** Set work of a class that the reader teaches. */
    public SetWork requireTaught(Person reader, UUID id) {
        reader.requireTeacher();
        return require(reader, id);
    }

    /** Asks a class for something, or changes what it was asked for; once asked of a class it stays with that class. */
    @Transactional
    public void set(Person reader, SetWork wish) {
        reader.requireTeacher();
        people.requireClass(reader, wish.classId());
        var before = store.find(wish.id());
        before.ifPresentOrElse(work -> change(reader, work, wish), () -> store.insert(wish));
    }

    private void change(Person reader, SetWork before, SetWork wish) {
        people.requireClass(reader, before.classId());
        if (!before.classId().equals(wish.classId())) {
            throw Refusal.unfit("It was asked of another class. Ask this class for it as something new.");
        }
        if (!wish.criteria().keepsLevelsOf(before.criteria()) && judgements.isJudged(before.id())) {
            throw Refusal.notNow("Somebody was judged by these criteria already. Their words and points can still be"
                    + " changed, but none can be added or taken out.");
        }
        store.update(wish);
    }

    /** What the reader's classes were asked for once, the latest due first. */
    List<SetWork> takenBack(Person reader) {
        reader.requireTeacher();
        return store.takenBack(classesOf(reader));
    }

    /** Asks a class no longer; what was handed in for it stays. */
    @Transactional
    void takeBack(Person reader, UUID id) {
        store.takeBack(requireTaught(reader, id).id(), clock.now());
    }

    @Transactional
    void askAgain(Person reader, UUID id) {
        store.askAgain(requireTaught(reader, id).id());
    }

    private List<UUID> classesOf(Person reader) {
        return people.classesOf(reader).stream().map(SchoolClass::id).toList();
    }
}
