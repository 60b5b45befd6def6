package notchbook.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import notchbook.core.coverage.ClassCoverage;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.edition.EditionComparison;
import notchbook.core.suggest.PointIndex;
import notchbook.core.suggest.Suggestion;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What the core works out from a syllabus: coverage of a notebook with ten entries of two notches each for every three
 * points, of a class of 30 with as many points, two editions side by side, and what a new entry may be about.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(value = 1, jvmArgsAppend = "-Xmx1g")
public class CoverageBenchmark {
    private static final int STUDENTS = 30;
    private static final int ENTRIES_A_STUDENT = 400;
    private static final ExamChoice EXAM = new ExamChoice(2028, Tier.EXTENDED);

    @Param({"150", "300", "600"})
    public int points;

    private CoverageInput input;
    private Edition next;
    private List<ClassCoverage.StudentWork> students;
    private String entry;

    @Setup
    public void lay() {
        var madeUp = new MadeUp();
        var edition = madeUp.edition(points);
        next = madeUp.edition(points);
        entry = madeUp.words(120);
        input = new CoverageInput(
                edition,
                EXAM,
                Optional.of(MadeUp.FIRST_DAY.plusDays(260)),
                madeUp.year(),
                MadeUp.FIRST_DAY.plusDays(201),
                madeUp.plan(edition),
                madeUp.evidence(edition, points * 50 / 3),
                List.of(),
                List.of(),
                List.of());
        students = IntStream.range(0, STUDENTS)
                .mapToObj(i -> new ClassCoverage.StudentWork(
                        UUID.randomUUID(), EXAM, madeUp.kinds(edition, ENTRIES_A_STUDENT)))
                .toList();
    }

    @Benchmark
    public Coverage coverage() {
        return Coverage.of(input);
    }

    @Benchmark
    public ClassCoverage classOf30() {
        return ClassCoverage.of(input.edition(), input.year(), input.today(), input.plan(), students);
    }

    /** Two editions that have nothing in common: every line is set against every other. */
    @Benchmark
    public EditionComparison twoEditions() {
        return EditionComparison.of(input.edition(), next);
    }

    /** For an entry of 120 words, with the index made anew. */
    @Benchmark
    public List<Suggestion> indexAndSuggestion() {
        return PointIndex.of(input.edition(), EXAM).suggest(entry, Set.of(), 3);
    }
}
