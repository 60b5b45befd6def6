package notchbook.core.coverage;

import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Weights;

/**
 * A class at a glance: its points by its students, by the rules Weight and Covered of docs/rules.md. A point is late for a
 * student when it is bare and the plan of its topic has ended.
 */
public record ClassCoverage(List<PointLine> points, List<StudentLine> students) {
    /** In the place of a number of kinds where a point is not in force for a student's exam. */
    public static final int NOT_IN_FORCE = -1;

    /** A student, the exam that they sit, and of which kinds their evidence is for each line of the class's edition. */
    public record StudentWork(UUID student, ExamChoice exam, Map<UUID, Set<EvidenceKind>> kinds) {}

    /** A point, for how many students it is in force and bare, and whether its topic's plan has ended. */
    public record PointLine(SyllabusNode point, int bareFor, boolean isLate) {}

    /**
     * A student with the share of the marks covered (0 to 1), the points bare and of those the late ones, and by how
     * many kinds of evidence each of the points is covered, in their order.
     */
    public record StudentLine(UUID student, double marksCovered, int bare, int late, List<Integer> kinds) {}

    public static ClassCoverage of(
            Edition edition, SchoolYear year, LocalDate today, Map<UUID, WeekRange> plan, List<StudentWork> works) {
        var points = edition.points().toList();
        var late = plan.entrySet().stream()
                .filter(entry -> year.hasEnded(entry.getValue(), today))
                .map(Map.Entry::getKey)
                .collect(toSet());
        var grid = new Grid(edition, points, late);
        var students = works.stream().map(grid::student).toList();
        return new ClassCoverage(grid.pointLines(students), students);
    }

    private static final class Grid {
        private final Edition edition;
        private final List<SyllabusNode> points;
        private final Set<UUID> endedTopics;
        private final Map<ExamChoice, Weights> weights = new HashMap<>();

        Grid(Edition edition, List<SyllabusNode> points, Set<UUID> endedTopics) {
            this.edition = edition;
            this.points = points;
            this.endedTopics = endedTopics;
        }

        StudentLine student(StudentWork work) {
            var counting = weights.computeIfAbsent(work.exam(), exam -> Weights.of(edition, exam));
            var kinds = new ArrayList<Integer>(points.size());
            var covered = 0.0;
            var bare = 0;
            var late = 0;
            for (var point : points) {
                if (!counting.isInForce(point.id())) {
                    kinds.add(NOT_IN_FORCE);
                    continue;
                }
                var count = work.kinds().getOrDefault(point.id(), Set.of()).size();
                kinds.add(count);
                covered += count == 0 ? 0 : counting.of(point.id());
                bare += count == 0 ? 1 : 0;
                late += count == 0 && isLate(point) ? 1 : 0;
            }
            return new StudentLine(work.student(), covered, bare, late, List.copyOf(kinds));
        }

        List<PointLine> pointLines(List<StudentLine> students) {
            var lines = new ArrayList<PointLine>(points.size());
            for (var place = 0; place < points.size(); place++) {
                var at = place;
                var bareFor = (int) students.stream()
                        .filter(student -> student.kinds().get(at) == 0)
                        .count();
                lines.add(new PointLine(points.get(place), bareFor, isLate(points.get(place))));
            }
            return List.copyOf(lines);
        }

        private boolean isLate(SyllabusNode point) {
            return point.parent().filter(endedTopics::contains).isPresent();
        }
    }
}
