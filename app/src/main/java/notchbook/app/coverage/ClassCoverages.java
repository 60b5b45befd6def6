package notchbook.app.coverage;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.plan.Plans;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.ClassCoverage;
import notchbook.core.coverage.Evidence;
import notchbook.core.syllabus.Edition;
import org.springframework.stereotype.Service;

/** What a teacher sees of the coverage of a class: points by students, down to one student's coverage. */
@Service
class ClassCoverages {
    private final People people;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final Plans plans;
    private final SchoolYears years;
    private final SchoolClock clock;

    ClassCoverages(
            People people, Notebooks notebooks, Syllabi syllabi, Plans plans, SchoolYears years, SchoolClock clock) {
        this.people = people;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.plans = plans;
        this.years = years;
        this.clock = clock;
    }

    /** A class with the edition that most of it works by; students without a notebook have no line in the coverage. */
    record ClassAtWork(
            SchoolClass schoolClass,
            List<Person> students,
            Optional<EditionInfo> edition,
            Edition lines,
            ClassCoverage coverage) {}

    ClassAtWork of(Person teacher, UUID classId) {
        var schoolClass = people.requireTaught(teacher, classId);
        var students = people.studentsOf(classId);
        var books = booksOf(classId);
        var edition = plans.editionOf(teacher, classId);
        var lines = edition.map(info -> syllabi.edition(info.id())).orElseGet(() -> new Edition(List.of()));
        return new ClassAtWork(schoolClass, students, edition, lines, coverage(classId, students, books, lines));
    }

    /** The notebook that a student of the class keeps for it. */
    Notebook requireNotebook(Person teacher, UUID classId, UUID studentId) {
        people.requireTaught(teacher, classId);
        return Optional.ofNullable(booksOf(classId).get(studentId)).orElseThrow(() -> Refusal.notFound("notebook"));
    }

    Person requireStudent(Person teacher, UUID classId, UUID studentId) {
        people.requireTaught(teacher, classId);
        return people.studentsOf(classId).stream()
                .filter(student -> student.id().equals(studentId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("student"));
    }

    /** The notebook of each student; the newest where one has several. */
    private Map<UUID, Notebook> booksOf(UUID classId) {
        return notebooks.ofClass(classId).stream()
                .collect(toMap(Notebook::ownerId, book -> book, (older, newer) -> newer));
    }

    private ClassCoverage coverage(UUID classId, List<Person> students, Map<UUID, Notebook> books, Edition edition) {
        var evidence =
                notebooks.evidence(books.values().stream().map(Notebook::id).toList());
        var meanings = syllabi.meanings(linesOf(evidence.values()), edition);
        return ClassCoverage.of(
                edition,
                years.yearOf(clock.today()),
                clock.today(),
                plans.of(classId, edition),
                students.stream()
                        .flatMap(student -> Optional.ofNullable(books.get(student.id())).stream())
                        .map(book -> new ClassCoverage.StudentWork(
                                book.ownerId(),
                                book.exam(),
                                carried(evidence.getOrDefault(book.id(), List.of()), meanings)))
                        .toList());
    }

    private static Set<UUID> linesOf(Collection<List<Evidence>> evidence) {
        return evidence.stream()
                .flatMap(List::stream)
                .flatMap(one -> one.notches().stream())
                .collect(toSet());
    }

    /** Evidence by lines of the class's edition: most is that already. */
    private static List<Evidence> carried(List<Evidence> evidence, Map<UUID, UUID> meanings) {
        return evidence.stream()
                .map(one -> one.notches().stream().allMatch(line -> line.equals(meanings.get(line)))
                        ? one
                        : new Evidence(
                                one.entry(),
                                one.kind(),
                                one.day(),
                                one.notches().stream()
                                        .flatMap(line -> Optional.ofNullable(meanings.get(line)).stream())
                                        .collect(toSet())))
                .toList();
    }
}
