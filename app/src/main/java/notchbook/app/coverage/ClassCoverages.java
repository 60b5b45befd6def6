package notchbook.app.coverage;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.NotebookEntries;
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
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import org.springframework.stereotype.Service;

/** What a teacher sees of the coverage of a class: points by students, down to one student's coverage. */
@Service
class ClassCoverages {
    private final People people;
    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Syllabi syllabi;
    private final Plans plans;
    private final SchoolYears years;
    private final SchoolClock clock;

    ClassCoverages(
            People people,
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Syllabi syllabi,
            Plans plans,
            SchoolYears years,
            SchoolClock clock) {
        this.people = people;
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
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
        var kinds = kinds(books.values(), edition.map(EditionInfo::id), lines);
        return new ClassAtWork(schoolClass, students, edition, lines, coverage(classId, students, books, lines, kinds));
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

    private ClassCoverage coverage(
            UUID classId,
            List<Person> students,
            Map<UUID, Notebook> books,
            Edition edition,
            Map<UUID, Map<UUID, Set<EvidenceKind>>> kinds) {
        return ClassCoverage.of(
                edition,
                years.yearOf(clock.today()),
                clock.today(),
                plans.of(classId, edition),
                students.stream()
                        .flatMap(student -> Optional.ofNullable(books.get(student.id())).stream())
                        .map(book -> new ClassCoverage.StudentWork(
                                book.ownerId(), book.exam(), kinds.getOrDefault(book.id(), Map.of())))
                        .toList());
    }

    /** Kinds by lines of the class's edition; what is notched in another edition is carried over. */
    private Map<UUID, Map<UUID, Set<EvidenceKind>>> kinds(
            Collection<Notebook> books, Optional<UUID> editionId, Edition edition) {
        var kinds = new HashMap<>(
                notebookEntries.kinds(books.stream().map(Notebook::id).toList()));
        var elsewhere = books.stream()
                .filter(book -> !Optional.of(book.editionId()).equals(editionId))
                .map(Notebook::id)
                .collect(toSet());
        var lines = elsewhere.stream()
                .flatMap(book -> kinds.getOrDefault(book, Map.of()).keySet().stream())
                .collect(toSet());
        var meanings = syllabi.meanings(lines, edition);
        kinds.replaceAll((book, its) -> elsewhere.contains(book) ? carried(its, meanings) : its);
        return kinds;
    }

    private static Map<UUID, Set<EvidenceKind>> carried(Map<UUID, Set<EvidenceKind>> kinds, Map<UUID, UUID> meanings) {
        var carried = new HashMap<UUID, Set<EvidenceKind>>();
        kinds.forEach((line, its) -> Optional.ofNullable(meanings.get(line))
                .ifPresent(meaning -> carried.computeIfAbsent(meaning, id -> EnumSet.noneOf(EvidenceKind.class))
                        .addAll(its)));
        return carried;
    }
}
