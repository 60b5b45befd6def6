package notchbook.app.announcement;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.setwork.SetWorks;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Words of teachers to their classes. Students read them and say nothing back here: this is no place for private talk. */
@Service
public class Announcements {
    /** What was said earlier is not shown to students any more. */
    private static final Duration SHOWN_FOR = Duration.ofDays(30);

    private final AnnouncementStore store;
    private final People people;
    private final SetWorks setWorks;
    private final SchoolClock clock;

    Announcements(AnnouncementStore store, People people, SetWorks setWorks, SchoolClock clock) {
        this.store = store;
        this.people = people;
        this.setWorks = setWorks;
        this.clock = clock;
    }

    /** All that was said to a class, with who has read what. */
    record Said(List<Announcement> all, Map<UUID, Set<UUID>> readers) {}

    Said to(Person teacher, UUID classId) {
        people.requireTaught(teacher, classId);
        var all = store.saidTo(List.of(classId), Instant.EPOCH);
        return new Said(all, store.readersOf(all.stream().map(Announcement::id).toList()));
    }

    /** What was said to the reader's classes of late. */
    Said heardBy(Person reader) {
        var classes = people.classesOf(reader).stream().map(SchoolClass::id).toList();
        var all = store.saidTo(classes, clock.now().minus(SHOWN_FOR)).stream()
                .filter(one -> one.isFor(reader.id()))
                .toList();
        return new Said(all, store.readersOf(all.stream().map(Announcement::id).toList()));
    }

    /** Says something, or says the same thing in other words, which nobody has read then. */
    @Transactional
    public void say(Person teacher, UUID classId, UUID id, String words, Optional<UUID> setWork) {
        people.requireTaught(teacher, classId);
        setWork.ifPresent(work -> requireOfClass(teacher, classId, work));
        var before = store.find(id);
        before.filter(there -> !there.classId().equals(classId)).ifPresent(elsewhere -> {
            throw Refusal.notFound("word");
        });
        var said = new Announcement(
                id,
                classId,
                before.map(Announcement::by).orElse(teacher.id()),
                words,
                setWork,
                before.flatMap(Announcement::onlyFor),
                before.map(Announcement::saidAt).orElse(clock.now()));
        before.ifPresentOrElse(there -> change(there, said), () -> store.insert(said));
    }

    private void change(Announcement before, Announcement said) {
        store.update(said);
        if (!before.saysTheSame(said)) {
            store.forgetReaders(said.id());
        }
    }

    private void requireOfClass(Person teacher, UUID classId, UUID work) {
        if (!setWorks.requireTaught(teacher, work).classId().equals(classId)) {
            throw Refusal.notFound("set work");
        }
    }

    @Transactional
    public void takeBack(Person teacher, UUID classId, UUID id) {
        people.requireTaught(teacher, classId);
        var said = store.find(id)
                .filter(there -> there.classId().equals(classId))
                .orElseThrow(() -> Refusal.notFound("word"));
        store.takeBack(said.id(), clock.now());
    }

    @Transactional
    public void read(Person student, UUID id) {
        student.requireStudent();
        var said = heardBy(student).all().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("word"));
        store.read(said.id(), student.id(), clock.now());
    }
}
