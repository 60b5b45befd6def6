package notchbook.app.setwork;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.group.Groups;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.group.Group;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What teachers ask their classes for. */
@Service
public class SetWorks {
    private final SetWorkStore store;
    private final Judgements judgements;
    private final Beginnings beginnings;
    private final PassesOn passesOn;
    private final People people;
    private final Groups groups;
    private final SchoolClock clock;

    SetWorks(
            SetWorkStore store,
            Judgements judgements,
            Beginnings beginnings,
            PassesOn passesOn,
            People people,
            Groups groups,
            SchoolClock clock) {
        this.beginnings = beginnings;
        this.passesOn = passesOn;
        this.groups = groups;
        this.store = store;
        this.judgements = judgements;
        this.people = people;
        this.clock = clock;
    }

    /** The set work of all classes that the reader teaches, or what they themselves are asked for, the latest due first. */
    public List<SetWork> visibleTo(Person reader) {
        var all = store.asked(classesOf(reader));
        if (reader.isTeacher()) {
            return all;
        }
        var own = groups.of(reader).stream().map(Group::id).collect(toSet());
        return all.stream()
                .filter(work -> work.askedOf().includes(reader.id(), own))
                .toList();
    }

    /** The students of its class of whom set work is asked, by name. */
    public List<Person> askedOf(SetWork work) {
        var students = people.studentsOf(work.classId());
        if (work.askedOf().isAll()) {
            return students;
        }
        var byStudent = groups.byMember(work.classId());
        return students.stream()
                .filter(student ->
                        work.askedOf().includes(student.id(), byStudent.getOrDefault(student.id(), Set.of())))
                .toList();
    }

    /** The students of whom set work is asked and who have begun it. */
    public Set<UUID> begun(SetWork work) {
        var asked = askedOf(work).stream().map(Person::id).collect(toSet());
        return beginnings.of(work).stream().filter(asked::contains).collect(toSet());
    }

    /** Any set work, also what was taken back. */
    public Optional<SetWork> find(UUID id) {
        return store.find(id);
    }

    /** Set work for a class that the reader teaches, or that they are asked for, also what was taken back. */
    public SetWork require(Person reader, UUID id) {
        var work = store.find(id).orElseThrow(() -> Refusal.notFound("set work"));
        people.requireClass(reader, work.classId());
        if (!reader.isTeacher()
                && askedOf(work).stream().noneMatch(one -> one.id().equals(reader.id()))) {
            throw Refusal.notFound("set work");
        }
        return work;
    }

    /** Set work of a class that the reader teaches. */
    public SetWork requireTaught(Person reader, UUID id) {
        reader.requireTeacher();
        return require(reader, id);
    }

    @Transactional
    public void set(Person reader, SetWork wish) {
        set(reader, wish, "");
    }

    /**
     * Asks a class for something, or changes what it was asked for, with a word for those who have begun; once asked of a class it stays
     * with that class.
     */
    @Transactional
    public void set(Person reader, SetWork wish, String word) {
        reader.requireTeacher();
        people.requireClass(reader, wish.classId());
        requireOfClass(wish);
        var before = store.find(wish.id());
        before.ifPresentOrElse(work -> change(reader, work, wish, word), () -> store.insert(wish));
    }

    private void requireOfClass(SetWork wish) {
        var students =
                people.studentsOf(wish.classId()).stream().map(Person::id).collect(toSet());
        var there = groups.idsIn(wish.classId());
        if (!students.containsAll(wish.askedOf().students())
                || !students.containsAll(wish.due().longer().keySet())
                || !there.containsAll(wish.askedOf().groups())) {
            throw Refusal.unfit(
                    "Choose students and groups of this class. Somebody has left it, or a group has ended.");
        }
    }

    private void change(Person reader, SetWork before, SetWork wish, String word) {
        people.requireClass(reader, before.classId());
        if (!before.classId().equals(wish.classId())) {
            throw Refusal.unfit("It was asked of another class. Ask this class for it as something new.");
        }
        if (!wish.criteria().keepsLevelsOf(before.criteria()) && judgements.isJudged(before.id())) {
            throw Refusal.notNow("Somebody was judged by these criteria already. Their words and points can still be"
                    + " changed, but none can be added or taken out.");
        }
        tellBegun(reader, before, word);
        store.update(wish);
    }

    /** What the reader's classes were asked for once, the latest due first. */
    List<SetWork> takenBack(Person reader) {
        reader.requireTeacher();
        return store.takenBack(classesOf(reader));
    }

    /** Asks a class no longer, with a word for those who have begun; what was handed in for it stays. */
    @Transactional
    void takeBack(Person reader, UUID id, String word) {
        var work = requireTaught(reader, id);
        tellBegun(reader, work, word);
        store.takeBack(work.id(), clock.now());
    }

    private void tellBegun(Person reader, SetWork work, String word) {
        if (word.isBlank()) {
            return;
        }
        var begun = begun(work);
        if (!begun.isEmpty()) {
            passesOn.say(reader, work, word, begun);
        }
    }

    @Transactional
    void askAgain(Person reader, UUID id) {
        store.askAgain(requireTaught(reader, id).id());
    }

    private List<UUID> classesOf(Person reader) {
        return people.classesOf(reader).stream().map(SchoolClass::id).toList();
    }
}
