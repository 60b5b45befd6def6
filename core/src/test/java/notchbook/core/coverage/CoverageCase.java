package notchbook.core.coverage;

import static notchbook.core.syllabus.SyllabusTables.edition;
import static notchbook.core.syllabus.SyllabusTables.id;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;

/**
 * Builds one coverage for a test. The year begins on Monday 7 Sep 2026 with a break after week 8, so the Monday of
 * week 12 is 30 Nov; today is its Wednesday. Topic 2.1 has the points a and b, 2.2 has a and b, 3.1 has a.
 */
public final class CoverageCase {
    public static final LocalDate TODAY = LocalDate.of(2026, 12, 2);
    static final String TABLE = """
            2   ||Sound |      |60|
            2.1 |2|Travel|     |20|
            2.1a|2.1||medium   |  |
            2.1b|2.1||speed    |  |
            2.2 |2|Pitch |     |40|
            2.2a|2.2||frequency|  |
            2.2b|2.2||loudness |  |
            3   ||Light |      |40|
            3.1 |3|Mirror|     |  |
            3.1a|3.1||angle    |  |
            """;

    public final Edition edition = edition(TABLE);
    private final Map<UUID, WeekRange> plan = new HashMap<>();
    private final List<Evidence> evidence = new ArrayList<>();
    private final List<PaperMark> papers = new ArrayList<>();
    private final List<Rating> ratings = new ArrayList<>();
    private final List<LookedAgain> looks = new ArrayList<>();
    private Optional<LocalDate> examDay = Optional.empty();
    private LocalDate today = TODAY;

    public CoverageCase plan(String topic, int first, int last) {
        plan.put(id(edition, topic), new WeekRange(first, last));
        return this;
    }

    public CoverageCase evidence(EvidenceKind kind, LocalDate day, String... codes) {
        evidence.add(new Evidence(new UUID(1, evidence.size()), kind, day, ids(codes)));
        return this;
    }

    public CoverageCase typed(int daysAgo, String... codes) {
        return evidence(EvidenceKind.TYPED, TODAY.minusDays(daysAgo), codes);
    }

    public CoverageCase photo(int daysAgo, String... codes) {
        return evidence(EvidenceKind.PHOTO, TODAY.minusDays(daysAgo), codes);
    }

    public CoverageCase paper(String topic, int daysAgo, double percent) {
        papers.add(new PaperMark(id(edition, topic), TODAY.minusDays(daysAgo), percent, 100));
        return this;
    }

    public CoverageCase rating(String topic, int daysAgo, int value) {
        ratings.add(new Rating(id(edition, topic), TODAY.minusDays(daysAgo), value));
        return this;
    }

    public CoverageCase look(String topic, int daysAgo) {
        looks.add(new LookedAgain(id(edition, topic), TODAY.minusDays(daysAgo)));
        return this;
    }

    public CoverageCase exam(LocalDate day) {
        examDay = Optional.of(day);
        return this;
    }

    public CoverageCase on(LocalDate day) {
        today = day;
        return this;
    }

    Coverage coverage() {
        return Coverage.of(input());
    }

    public CoverageInput input() {
        return new CoverageInput(
                edition,
                new ExamChoice(2028, Tier.CORE),
                examDay,
                year(),
                today,
                plan,
                evidence,
                papers,
                ratings,
                looks);
    }

    TopicCoverage topic(String code) {
        return coverage().topics().stream()
                .filter(topic -> topic.topic().code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    String standing(String code) {
        return topic(code).standing().words();
    }

    private static SchoolYear year() {
        return SchoolYear.of(
                "2026/27",
                LocalDate.of(2026, 9, 7),
                LocalDate.of(2027, 7, 2),
                List.of(new Break("Autumn break", LocalDate.of(2026, 11, 2), LocalDate.of(2026, 11, 8))));
    }

    private Set<UUID> ids(String... codes) {
        return Stream.of(codes).map(code -> id(edition, code)).collect(Collectors.toSet());
    }
}
