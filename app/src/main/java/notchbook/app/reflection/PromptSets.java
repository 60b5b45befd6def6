package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.notebook.Notebook;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.reflection.Asks;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.PromptSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sets of prompts that students wrote for themselves and teachers for their classes. */
@Service
public class PromptSets {
    private static final int MOST = 50;

    private final PromptSetStore store;
    private final People people;
    private final SchoolClock clock;

    PromptSets(PromptSetStore store, People people, SchoolClock clock) {
        this.store = store;
        this.people = people;
        this.clock = clock;
    }

    List<PromptSet> of(Person reader) {
        reader.requireStudent();
        return store.ofPerson(reader.id());
    }

    List<PromptSet> ofClass(Person teacher, UUID classId) {
        people.requireTaught(teacher, classId);
        return store.ofClass(classId);
    }

    /** The set that a notebook's sheet of a week goes by; none where the prompts are ours. */
    Optional<PromptSet> inForce(Notebook notebook, LocalDate monday) {
        return PromptSet.inForce(
                monday, notebook.classId().map(store::ofClass).orElse(List.of()), store.ofPerson(notebook.ownerId()));
    }

    /**
     * The sets by which a single piece can be looked back on, the class's, then the student's own: those that ask for no other piece,
     * as there is none beside it.
     */
    List<PromptSet> onAPiece(Notebook notebook) {
        return Stream.concat(
                        notebook.classId().map(store::ofClass).orElse(List.of()).stream(),
                        store.ofPerson(notebook.ownerId()).stream())
                .filter(set -> set.prompts().stream().noneMatch(prompt -> prompt.asks() == Asks.PIECE))
                .toList();
    }

    List<Prompt> prompts(Notebook notebook, LocalDate monday) {
        return inForce(notebook, monday).map(PromptSet::prompts).orElse(Prompt.WEEKLY);
    }

    /** Whether a class's rule says that its teachers read the sheets of a week. */
    public boolean isRead(UUID classId, LocalDate monday) {
        return PromptSet.inForce(monday, store.ofClass(classId), List.of())
                .filter(PromptSet::isRead)
                .isPresent();
    }

    /** Keeps a student's own set; sheets that were written by it stay as they are. */
    @Transactional
    public void put(Person reader, PromptSet set) {
        checkRoom(of(reader));
        if (!store.putOfPerson(reader.id(), set)) {
            throw Refusal.notFound("set of questions");
        }
    }

    @Transactional
    void delete(Person reader, UUID id) {
        reader.requireStudent();
        if (!store.deleteOfPerson(reader.id(), id)) {
            throw Refusal.notFound("set of questions");
        }
    }

    /** Keeps a set of a class. That its sheets are read is said before they are written, so it begins after today. */
    @Transactional
    public void put(Person teacher, UUID classId, PromptSet set) {
        var sets = ofClass(teacher, classId);
        checkRoom(sets);
        var wasSaid = sets.stream()
                .filter(one -> one.id().equals(set.id()) && one.isRead())
                .anyMatch(one -> !set.from().isBefore(one.from()));
        if (set.isRead() && !wasSaid && !set.from().isAfter(clock.today())) {
            throw Refusal.unfit("Students have to know before they write that their sheets are read. Begin with next"
                    + " week, or later.");
        }
        if (!store.putOfClass(classId, set)) {
            throw Refusal.notFound("set of questions");
        }
    }

    @Transactional
    void delete(Person teacher, UUID classId, UUID id) {
        people.requireTaught(teacher, classId);
        if (!store.deleteOfClass(classId, id)) {
            throw Refusal.notFound("set of questions");
        }
    }

    private static void checkRoom(List<PromptSet> sets) {
        if (sets.size() >= MOST) {
            throw Refusal.unfit("There are 50 sets of questions. Delete one that is no longer used.");
        }
    }
}
