package notchbook.app.book;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import notchbook.core.book.BookPattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The patterns of books that keepers made for their school and teachers for their classes. */
@Service
public class BookPatterns {
    private static final int MOST = 30;

    private final BookPatternStore store;
    private final People people;

    BookPatterns(BookPatternStore store, People people) {
        this.store = store;
        this.people = people;
    }

    /** What a student can begin a book with: those of the classes, of the school, and the one that is always there. */
    List<BookPattern> offered(Person student) {
        student.requireStudent();
        var classes = people.classesOf(student).stream().map(SchoolClass::id).toList();
        return Stream.of(store.ofClasses(classes), store.ofSchool(), List.of(BookPattern.YEAR))
                .flatMap(List::stream)
                .toList();
    }

    BookPattern requireOffered(Person student, UUID id) {
        return offered(student).stream()
                .filter(pattern -> pattern.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("pattern"));
    }

    List<BookPattern> ofClass(Person teacher, UUID classId) {
        people.requireTaught(teacher, classId);
        return store.ofClass(classId);
    }

    List<BookPattern> ofSchool(Person keeper) {
        keeper.requireKeeper();
        return store.ofSchool();
    }

    /** Keeps a pattern of a class; books that were begun with it stay as they are. */
    @Transactional
    public void keepOfClass(Person teacher, UUID classId, BookPattern pattern) {
        keep(Optional.of(classId), ofClass(teacher, classId), pattern);
    }

    /** Keeps a pattern of the school; books that were begun with it stay as they are. */
    @Transactional
    public void keepOfSchool(Person keeper, BookPattern pattern) {
        keep(Optional.empty(), ofSchool(keeper), pattern);
    }

    private void keep(Optional<UUID> classId, List<BookPattern> there, BookPattern pattern) {
        if (there.size() >= MOST) {
            throw Refusal.unfit("There are 30 patterns of books. Delete one that is no longer used.");
        }
        if (!store.put(classId, pattern)) {
            throw Refusal.notFound("pattern");
        }
    }

    @Transactional
    void deleteOfClass(Person teacher, UUID classId, UUID id) {
        people.requireTaught(teacher, classId);
        delete(Optional.of(classId), id);
    }

    @Transactional
    void deleteOfSchool(Person keeper, UUID id) {
        keeper.requireKeeper();
        delete(Optional.empty(), id);
    }

    private void delete(Optional<UUID> classId, UUID id) {
        if (!store.delete(classId, id)) {
            throw Refusal.notFound("pattern");
        }
    }
}
