package notchbook.app.coverage;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.coverage.CoverageViews.CoverageView;
import notchbook.app.people.Person;
import notchbook.app.syllabus.EditionInfo;
import notchbook.core.coverage.ClassCoverage;
import notchbook.core.coverage.ClassCoverage.StudentLine;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ClassCoverageController {
    private final ClassCoverages classes;
    private final Coverages coverages;

    ClassCoverageController(ClassCoverages classes, Coverages coverages) {
        this.classes = classes;
        this.coverages = coverages;
    }

    /** A point of the class's edition, with the code and title of its topic. */
    record ClassPointView(
            UUID id, String code, String statement, String topicCode, String topic, int bareFor, boolean isLate) {}

    /**
     * A student; {@code kinds} has a sign for each point in their order: the number of kinds of evidence, or {@code -}
     * where the point is not in force. One string, since a year group has a hundred thousand of them. Without a notebook
     * it is missing.
     */
    record ClassStudentView(UUID id, String name, double marksCovered, int bare, int late, Optional<String> kinds) {}

    record ClassCoverageView(
            String name, Optional<String> edition, List<ClassPointView> points, List<ClassStudentView> students) {}

    record StudentCoverageView(String student, CoverageView coverage) {}

    @GetMapping("/api/classes/{id}/coverage")
    ClassCoverageView coverage(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var found = classes.of(reader, id);
        var lines = found.coverage().students().stream().collect(toMap(StudentLine::student, line -> line));
        return new ClassCoverageView(
                found.schoolClass().name(),
                found.edition().map(EditionInfo::name),
                found.coverage().points().stream()
                        .map(point ->
                                view(point, found.lines().topicOf(point.point().id())))
                        .toList(),
                found.students().stream().map(student -> view(student, lines)).toList());
    }

    /** One student's coverage, as they see it themselves. */
    @GetMapping("/api/classes/{id}/students/{student}/coverage")
    StudentCoverageView coverage(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID student) {
        var name = classes.requireStudent(reader, id, student).fullName();
        var notebook = classes.requireNotebook(reader, id, student);
        return new StudentCoverageView(name, CoverageViews.of(coverages.input(notebook)));
    }

    private static ClassPointView view(ClassCoverage.PointLine line, Optional<SyllabusNode> topic) {
        return new ClassPointView(
                line.point().id(),
                line.point().code(),
                line.point().title(),
                topic.map(SyllabusNode::code).orElse(""),
                topic.map(SyllabusNode::title).orElse(""),
                line.bareFor(),
                line.isLate());
    }

    private static ClassStudentView view(Person student, Map<UUID, StudentLine> lines) {
        return Optional.ofNullable(lines.get(student.id()))
                .map(line -> new ClassStudentView(
                        student.id(),
                        student.fullName(),
                        line.marksCovered(),
                        line.bare(),
                        line.late(),
                        Optional.of(signs(line))))
                .orElseGet(() -> new ClassStudentView(student.id(), student.fullName(), 0, 0, 0, Optional.empty()));
    }

    private static String signs(StudentLine line) {
        return line.kinds().stream()
                .map(kinds -> kinds == ClassCoverage.NOT_IN_FORCE ? "-" : String.valueOf(kinds))
                .collect(joining());
    }
}
