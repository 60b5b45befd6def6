package notchbook.core.coverage;

import static java.util.stream.Collectors.toMap;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;

/** Work in a notebook, the same for the same seed: entries, papers, ratings and looks laid anyhow over a syllabus. */
public final class RandomWork {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 2);

    private RandomWork() {}

    public static CoverageInput of(Edition edition, long seed) {
        var random = new Random(seed);
        var nodes = edition.nodes().toList();
        var topics = edition.topics().map(SyllabusNode::id).toList();
        var evidence = new ArrayList<Evidence>();
        for (var i = 0; i < 30; i++) {
            evidence.add(evidence(random, nodes));
        }
        return new CoverageInput(
                edition,
                new ExamChoice(2027 + random.nextInt(2), random.nextBoolean() ? Tier.CORE : Tier.EXTENDED),
                Optional.of(TODAY.plusWeeks(random.nextInt(20))),
                year(),
                TODAY,
                plan(random, topics),
                evidence,
                topics.stream()
                        .filter(topic -> random.nextInt(3) == 0)
                        .map(topic -> new PaperMark(topic, past(random), random.nextInt(11), 10))
                        .toList(),
                topics.stream()
                        .filter(topic -> random.nextInt(3) == 0)
                        .map(topic -> new Rating(topic, past(random), 1 + random.nextInt(4)))
                        .toList(),
                topics.stream()
                        .filter(topic -> random.nextInt(4) == 0)
                        .map(topic -> new LookedAgain(topic, past(random)))
                        .toList());
    }

    /** One more entry, notched to some lines. */
    static Evidence evidence(Random random, List<SyllabusNode> nodes) {
        var notches = new HashSet<UUID>();
        for (var i = 0; i <= random.nextInt(3); i++) {
            notches.add(nodes.get(random.nextInt(nodes.size())).id());
        }
        return new Evidence(
                new UUID(random.nextLong(), random.nextLong()),
                EvidenceKind.values()[random.nextInt(EvidenceKind.values().length)],
                past(random),
                notches);
    }

    private static Map<UUID, WeekRange> plan(Random random, List<UUID> topics) {
        return topics.stream().filter(topic -> random.nextInt(4) > 0).collect(toMap(topic -> topic, topic -> {
            var first = 1 + random.nextInt(30);
            return new WeekRange(first, first + random.nextInt(3));
        }));
    }

    private static LocalDate past(Random random) {
        return TODAY.minusDays(random.nextInt(80));
    }

    private static SchoolYear year() {
        return SchoolYear.of(
                "2026/27",
                LocalDate.of(2026, 9, 7),
                LocalDate.of(2027, 7, 2),
                List.of(new Break("Autumn break", LocalDate.of(2026, 11, 2), LocalDate.of(2026, 11, 8))));
    }
}
