package notchbook.app.reading;

import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reading.ReaderLinkStore.Shown;
import notchbook.core.reading.Consent;
import org.springframework.stereotype.Service;

/** A teacher's side of links: those of their students that wait for a yes, looked at and decided. */
@Service
public class Consents {
    private final ReaderLinkStore store;
    private final Readings readings;
    private final ReaderLetters letters;
    private final People people;
    private final SchoolClock clock;

    Consents(ReaderLinkStore store, Readings readings, ReaderLetters letters, People people, SchoolClock clock) {
        this.store = store;
        this.readings = readings;
        this.letters = letters;
        this.people = people;
        this.clock = clock;
    }

    /** A link that waits, with whose it is. */
    record Asked(ReaderLink link, String student) {}

    /** The earliest first. */
    List<Asked> askedOf(Person teacher) {
        var students = studentsOf(teacher);
        return store.waitingOf(students.keySet()).stream()
                .filter(link -> link.terms().isWaiting(clock.now()))
                .map(link -> new Asked(link, students.get(link.ownerId()).fullName()))
                .toList();
    }

    private Map<UUID, Person> studentsOf(Person teacher) {
        teacher.requireTeacher();
        return people.classesOf(teacher).stream()
                .flatMap(one -> people.studentsOf(one.id()).stream())
                .collect(toMap(Person::id, student -> student, (student, again) -> student));
    }

    private Asked require(Person teacher, UUID id) {
        return askedOf(teacher).stream()
                .filter(asked -> asked.link().id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("link"));
    }

    /** The page as its reader would see it. The student shows it to the teacher by asking. */
    public String look(Person teacher, UUID id, Readings.Writing writing) {
        return readings.write(require(teacher, id).link(), Looking.AS_IT_IS, writing);
    }

    /** A content that this page refers to. */
    Shown content(Person teacher, UUID id, String sha256) {
        return store.shown(require(teacher, id).link().id(), sha256).orElseThrow(() -> Refusal.notFound("file"));
    }

    /**
     * Lets the link open from now on, and sends its mail where one waits. A mail is no part of a transaction, which may be done twice:
     * where it can't be sent, the link waits again.
     */
    public void agree(Person teacher, UUID id) {
        var link = decided(teacher, id, Consent.GIVEN);
        var owner = people.find(link.ownerId()).orElseThrow(() -> Refusal.notFound("link"));
        try {
            store.mailAddress(id).ifPresent(address -> letters.send(owner, link, address));
        } catch (Refusal unsent) {
            store.askAgain(id);
            throw unsent;
        }
        store.forgetMailAddress(id);
    }

    public void refuse(Person teacher, UUID id) {
        decided(teacher, id, Consent.REFUSED);
        store.forgetMailAddress(id);
    }

    private ReaderLink decided(Person teacher, UUID id, Consent consent) {
        var link = require(teacher, id).link();
        if (!store.decide(id, consent, teacher.id(), clock.now())) {
            throw Refusal.notNow("Another teacher has decided about this link already.");
        }
        return link;
    }
}
