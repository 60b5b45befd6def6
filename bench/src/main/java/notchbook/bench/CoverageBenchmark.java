package notchbook.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The coverage of 600 points in 60 topics with 20,000 notches, as the core works it out. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(value = 1, jvmArgsAppend = "-Xmx1g")
public class CoverageBenchmark {
    private static final int TOPICS = 60;
    private static final int POINTS_A_TOPIC = 10;
    private static final int ENTRIES = 10_000;
    private static final int NOTCHES_AN_ENTRY = 2;

    private CoverageInput input;

    @Setup
    public void lay() {
        var random = new Random(412);
        var nodes = new ArrayList<SyllabusNode>();
        var points = new ArrayList<UUID>();
        Map<UUID, WeekRange> plan = new HashMap<>();
        var unit = node(Optional.empty(), SyllabusNode.Kind.UNIT, "1");
        nodes.add(unit);
        for (var t = 0; t < TOPICS; t++) {
            var topic = node(Optional.of(unit.id()), SyllabusNode.Kind.TOPIC, "1." + t);
            nodes.add(topic);
            plan.put(topic.id(), new WeekRange(1 + t / 2, 2 + t / 2));
            for (var p = 0; p < POINTS_A_TOPIC; p++) {
                var point = node(Optional.of(topic.id()), SyllabusNode.Kind.POINT, "1." + t + "." + p);
                nodes.add(point);
                points.add(point.id());
            }
        }
        var firstDay = LocalDate.of(2026, 9, 7);
        var evidence = new ArrayList<Evidence>();
        for (var e = 0; e < ENTRIES; e++) {
            var kind = EvidenceKind.values()[random.nextInt(EvidenceKind.values().length)];
            evidence.add(new Evidence(
                    UUID.randomUUID(), kind, firstDay.plusDays(random.nextInt(200)), notches(points, random)));
        }
        var year = SchoolYear.of("2026/27", firstDay, LocalDate.of(2027, 7, 2), List.of());
        input = new CoverageInput(
                new Edition(nodes),
                new ExamChoice(2028, Tier.EXTENDED),
                Optional.of(LocalDate.of(2027, 6, 1)),
                year,
                firstDay.plusDays(201),
                plan,
                evidence,
                List.of(),
                List.of(),
                List.of());
    }

    @Benchmark
    public Coverage coverage() {
        return Coverage.of(input);
    }

    private static Set<UUID> notches(List<UUID> points, Random random) {
        var first = random.nextInt(points.size());
        return Set.of(points.get(first), points.get((first + NOTCHES_AN_ENTRY - 1) % points.size()));
    }

    private static SyllabusNode node(Optional<UUID> parent, SyllabusNode.Kind kind, String code) {
        return new SyllabusNode(
                UUID.randomUUID(),
                parent,
                kind,
                code,
                code,
                OptionalDouble.empty(),
                Tier.CORE,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                SyllabusNode.Origin.EDITION);
    }
}
