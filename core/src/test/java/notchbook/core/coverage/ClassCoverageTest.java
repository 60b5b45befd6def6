package notchbook.core.coverage;

import static notchbook.core.syllabus.SyllabusTables.edition;
import static notchbook.core.syllabus.SyllabusTables.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.coverage.ClassCoverage.StudentLine;
import notchbook.core.coverage.ClassCoverage.StudentWork;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.RandomSyllabus;
import notchbook.core.syllabus.Tier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ClassCoverageTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 2);
    private static final UUID SIA = new UUID(0, 1);
    private static final UUID PIM = new UUID(0, 2);

    private final Edition edition = edition(
            "2||Sound||60\n2.1|2|Travel\n2.1a|2.1||medium\n2.1b|2.1||speed||extended\n3||Light||40\n3.1|3|Mirror\n3.1a|3.1||angle");

    @Test
    void countsKindsPerPointAndWhatIsBareAndLate() {
        var sia = work(SIA, Tier.CORE, typed("2.1a"), photo("2.1a"), photo("2.1b"));
        var pim = work(PIM, Tier.EXTENDED, typed("2.1a", "2.1"));
        var found = ClassCoverage.of(
                edition, year(), TODAY, Map.of(id(edition, "2.1"), new WeekRange(3, 4)), List.of(sia, pim));
        assertThat(found.students())
                .extracting(StudentLine::kinds)
                .containsExactly(List.of(2, -1, 0), List.of(1, 0, 0));
        assertThat(found.students()).extracting(StudentLine::bare).containsExactly(1, 2);
        assertThat(found.students()).extracting(StudentLine::late).containsExactly(0, 1);
        assertThat(found.students().getFirst().marksCovered()).isEqualTo(0.6, within(1e-9));
        assertThat(found.students().getLast().marksCovered()).isEqualTo(0.3, within(1e-9));
        assertThat(found.points())
                .extracting(point -> point.point().code() + " " + point.bareFor() + " " + point.isLate())
                .containsExactly("2.1a 0 true", "2.1b 1 true", "3.1a 2 false");
    }

    static LongStream seeds() {
        return LongStream.range(0, 20);
    }

    /** Down to one student, the class says what the student's own coverage says. */
    @ParameterizedTest
    @MethodSource("seeds")
    void agreesWithTheCoverageOfEachStudent(long seed) {
        var input = RandomWork.of(RandomSyllabus.of(seed), seed);
        var coverage = Coverage.of(input);
        var line = ClassCoverage.of(
                        input.edition(),
                        input.year(),
                        input.today(),
                        input.plan(),
                        List.of(new StudentWork(SIA, input.exam(), kinds(input.evidence()))))
                .students()
                .getFirst();
        assertThat(line.marksCovered()).isEqualTo(coverage.marksCovered(), within(1e-9));
        assertThat(line.bare()).isEqualTo(coverage.pointsBare());
    }

    private StudentWork work(UUID student, Tier tier, Evidence... evidence) {
        return new StudentWork(student, new ExamChoice(2028, tier), kinds(List.of(evidence)));
    }

    private static Map<UUID, Set<EvidenceKind>> kinds(List<Evidence> evidence) {
        var kinds = new HashMap<UUID, Set<EvidenceKind>>();
        evidence.forEach(one -> one.notches().forEach(line -> kinds.computeIfAbsent(line, id -> new HashSet<>())
                .add(one.kind())));
        return kinds;
    }

    private Evidence typed(String... codes) {
        return new Evidence(UUID.randomUUID(), EvidenceKind.TYPED, TODAY, ids(codes));
    }

    private Evidence photo(String... codes) {
        return new Evidence(UUID.randomUUID(), EvidenceKind.PHOTO, TODAY, ids(codes));
    }

    private Set<UUID> ids(String... codes) {
        return Stream.of(codes).map(code -> id(edition, code)).collect(Collectors.toSet());
    }

    private static SchoolYear year() {
        return SchoolYear.of("2026/27", LocalDate.of(2026, 9, 7), LocalDate.of(2027, 7, 2), List.of());
    }
}
