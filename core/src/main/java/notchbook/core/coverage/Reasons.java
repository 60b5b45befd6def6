package notchbook.core.coverage;

import static java.util.stream.Collectors.joining;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import notchbook.core.syllabus.SyllabusNode;

/** How each figure of coverage came about, in sentences for the student. */
public record Reasons(CoverageInput input, Coverage coverage) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final int DAYS_PER_WEEK = 7;

    /** Of the marks covered: which points, and from which units the share comes. */
    public List<String> ofMarksCovered() {
        var reasons = new ArrayList<String>();
        var points = coverage.topics().stream()
                .flatMap(topic -> topic.points().stream())
                .toList();
        var covered = points.stream().filter(PointCoverage::isCovered).count();
        reasons.add(
                "%d of %d points in force for %d (%s) have at least one entry notched to them. Their weights are summed."
                        .formatted(
                                covered,
                                points.size(),
                                input.exam().year(),
                                input.exam().tier().name().toLowerCase(Locale.ROOT)));
        input.edition().units().forEach(unit -> {
            var topics = topicsOf(unit);
            if (!topics.isEmpty()) {
                reasons.add("%s %s: %s of %s"
                        .formatted(unit.code(), unit.title(), percent(coveredWeight(topics)), percent(weight(topics))));
            }
        });
        return reasons;
    }

    /** Of the points still bare: which, topic by topic. */
    public List<String> ofPointsBare() {
        return coverage.topics().stream()
                .filter(topic -> !topic.barePoints().isEmpty())
                .map(topic -> name(topic) + ": " + codes(topic.barePoints()))
                .toList();
    }

    /** Of the topics behind the plan: which, since when, and what is bare there. */
    public List<String> ofTopicsBehind() {
        return coverage.topics().stream()
                .filter(topic -> !topic.barePoints().isEmpty())
                .filter(topic -> topic.plan()
                        .filter(plan -> input.year().hasEnded(plan, input.today()))
                        .isPresent())
                .map(topic -> "%s: planned for %s, still bare %s"
                        .formatted(name(topic), topic.plan().orElseThrow().words(), codes(topic.barePoints())))
                .toList();
    }

    /** Of where a topic stands and of its figures. */
    public List<String> of(TopicCoverage topic) {
        var reasons = new ArrayList<String>();
        reasons.add("%s: %s".formatted(topic.standing().words(), standing(topic)));
        reasons.add("%s of the marks: its points in force are %s."
                .formatted(
                        percent(topic.weight()),
                        topic.points().stream()
                                .map(point -> point.point().code() + " " + percent(point.weight()))
                                .collect(joining(", "))));
        latestPaper(topic)
                .ifPresent(paper -> reasons.add("%s on papers: %s of %s marks on %s, the latest paper with it."
                        .formatted(
                                percent(paper.share()), plain(paper.marks()), plain(paper.outOf()), day(paper.day()))));
        topic.revisit().ifPresent(clock -> reasons.add(revisit(clock)));
        return reasons;
    }

    private String standing(TopicCoverage topic) {
        var bare = topic.barePoints();
        var plan = topic.plan().map(range -> "its plan is for " + range.words()).orElse("no plan names it");
        if (topic.evidence().isEmpty()) {
            return "nothing is notched to it or to its points, and " + plan + ".";
        }
        if (!bare.isEmpty()) {
            return "%d of %d points bare (%s), and %s."
                    .formatted(bare.size(), topic.points().size(), codes(bare), plan);
        }
        return switch (topic.standing()) {
            case Standing.Shaky ignored ->
                "all covered, but the latest paper mark is below 50 %, or there is none and you rate it 1 or 2 of 4.";
            case Standing.NotSeen ignored -> "all covered, but its revisit is overdue.";
            case Standing.OneKindOnly ignored -> "all covered, but all of its evidence is of one kind.";
            default -> "all covered, by more than one kind of evidence, and seen lately.";
        };
    }

    private String revisit(Revisit clock) {
        var overdue = clock.daysOverdue(input.today(), input.examDay());
        var due = input.today().minusDays(overdue);
        return "Last seen on %s. To be seen again within %s: %s."
                .formatted(
                        day(clock.startedOn()),
                        span(due.toEpochDay() - clock.startedOn().toEpochDay()),
                        overdue > 0 ? "overdue since " + day(due) : "due by " + day(due));
    }

    private Optional<PaperMark> latestPaper(TopicCoverage topic) {
        return input.papers().stream()
                .filter(paper -> paper.topic().equals(topic.topic().id()))
                .reduce((first, second) -> second.day().isBefore(first.day()) ? first : second);
    }

    private List<TopicCoverage> topicsOf(SyllabusNode unit) {
        return coverage.topics().stream()
                .filter(topic -> input.edition()
                        .unitOf(topic.topic().id())
                        .filter(unit::equals)
                        .isPresent())
                .toList();
    }

    private static double weight(List<TopicCoverage> topics) {
        return topics.stream().mapToDouble(TopicCoverage::weight).sum();
    }

    private static double coveredWeight(List<TopicCoverage> topics) {
        return weight(topics)
                - topics.stream().mapToDouble(TopicCoverage::bareWeight).sum();
    }

    private static String name(TopicCoverage topic) {
        return topic.topic().code() + " " + topic.topic().title();
    }

    private static String codes(List<PointCoverage> points) {
        return points.stream().map(point -> point.point().code()).collect(joining(", "));
    }

    private static String span(long days) {
        return days % DAYS_PER_WEEK == 0 ? days / DAYS_PER_WEEK + " weeks" : days + " days";
    }

    private static String day(LocalDate day) {
        return DAY.format(day);
    }

    private static String percent(double share) {
        return plain(Math.round(1000 * share) / 10.0) + " %";
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
