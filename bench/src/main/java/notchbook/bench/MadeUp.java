package notchbook.bench;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.coverage.Evidence;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;

/** Syllabi and work of any size for the measures, the same every time. */
final class MadeUp {
    static final LocalDate FIRST_DAY = LocalDate.of(2026, 9, 7);
    private static final int POINTS_A_TOPIC = 10;
    private static final String[] WORDS =
            "wave sound light echo mirror lens speed time pitch loud angle glass water string air medium crest trough tide cliff"
                    .split(" ");

    private final Random random = new Random(412);

    SchoolYear year() {
        return SchoolYear.of("2026/27", FIRST_DAY, LocalDate.of(2027, 7, 2), List.of());
    }

    Edition edition(int points) {
        var nodes = new ArrayList<SyllabusNode>();
        var unit = node(Optional.empty(), SyllabusNode.Kind.UNIT, "1");
        nodes.add(unit);
        for (var t = 0; t < points / POINTS_A_TOPIC; t++) {
            var topic = node(Optional.of(unit.id()), SyllabusNode.Kind.TOPIC, "1." + t);
            nodes.add(topic);
            for (var p = 0; p < POINTS_A_TOPIC; p++) {
                nodes.add(node(Optional.of(topic.id()), SyllabusNode.Kind.POINT, "1." + t + "." + p));
            }
        }
        return new Edition(nodes);
    }

    /** Two topics a fortnight, from the first week on. */
    Map<UUID, WeekRange> plan(Edition edition) {
        var plan = new HashMap<UUID, WeekRange>();
        edition.topics()
                .forEach(topic -> plan.put(topic.id(), new WeekRange(1 + plan.size() / 2, 2 + plan.size() / 2)));
        return plan;
    }

    /** Entries of all kinds through 200 days, each notched to two points. */
    List<Evidence> evidence(Edition edition, int entries) {
        var points = edition.points().map(SyllabusNode::id).toList();
        var evidence = new ArrayList<Evidence>();
        for (var e = 0; e < entries; e++) {
            var kind = EvidenceKind.values()[random.nextInt(EvidenceKind.values().length)];
            var first = random.nextInt(points.size());
            evidence.add(new Evidence(
                    UUID.randomUUID(),
                    kind,
                    FIRST_DAY.plusDays(random.nextInt(200)),
                    Set.of(points.get(first), points.get((first + 1) % points.size()))));
        }
        return evidence;
    }

    /** The same by the kinds of each line. */
    Map<UUID, Set<EvidenceKind>> kinds(Edition edition, int entries) {
        var kinds = new HashMap<UUID, Set<EvidenceKind>>();
        evidence(edition, entries).forEach(one -> one.notches()
                .forEach(line -> kinds.computeIfAbsent(line, id -> EnumSet.noneOf(EvidenceKind.class))
                        .add(one.kind())));
        return kinds;
    }

    String words(int count) {
        var words = new ArrayList<String>();
        for (var i = 0; i < count; i++) {
            words.add(WORDS[random.nextInt(WORDS.length)] + (random.nextInt(4) == 0 ? random.nextInt(60) : ""));
        }
        return String.join(" ", words);
    }

    private SyllabusNode node(Optional<UUID> parent, SyllabusNode.Kind kind, String code) {
        return new SyllabusNode(
                UUID.randomUUID(),
                parent,
                kind,
                code,
                words(8),
                OptionalDouble.empty(),
                Tier.CORE,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                SyllabusNode.Origin.EDITION);
    }

    /** What a task gave; its fault is one of the measure. */
    static <T> T done(Future<T> task) {
        try {
            return task.get();
        } catch (ExecutionException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    static void rest(Duration length) {
        try {
            Thread.sleep(Math.max(0, length.toMillis()));
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }
}
