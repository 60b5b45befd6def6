package notchbook.core.coverage;

import static java.util.Comparator.comparingDouble;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import notchbook.core.calendar.WeekRange;

/** What to cover next, and why (docs/rules.md, Cover next). */
record CoverNext(CoverageInput input) {
    /** Weeks after the plan's end that double the urgency of what is bare. */
    private static final double WEEKS_PER_URGENCY = 4;

    private static final double DAYS_PER_WEEK = 7;

    static List<NextStep> of(List<TopicCoverage> topics, CoverageInput input) {
        var rule = new CoverNext(input);
        var bare =
                topics.stream().filter(topic -> !topic.barePoints().isEmpty()).toList();
        ToDoubleFunction<TopicCoverage> pressing = topic -> topic.bareWeight() * rule.urgency(topic);
        return Stream.of(
                        rule.ranked(bare.stream().filter(topic -> !rule.isAhead(topic)), pressing),
                        rule.ranked(bare.stream().filter(rule::isAhead), pressing),
                        rule.ranked(
                                topics.stream().filter(topic -> rule.weeksOverdue(topic) > 0),
                                topic -> topic.weight() * rule.weeksOverdue(topic)))
                .flatMap(List::stream)
                .map(rule::step)
                .toList();
    }

    private List<TopicCoverage> ranked(Stream<TopicCoverage> topics, ToDoubleFunction<TopicCoverage> score) {
        return topics.sorted(comparingDouble(score).reversed()).toList();
    }

    private double urgency(TopicCoverage topic) {
        return 1 + weeksSincePlanEnded(topic) / WEEKS_PER_URGENCY;
    }

    private double weeksSincePlanEnded(TopicCoverage topic) {
        return topic.plan()
                .filter(plan -> input.year().hasEnded(plan, input.today()))
                .map(plan -> (double) input.year().weeksBegunBy(input.today()) - plan.last())
                .orElse(0.0);
    }

    private boolean isAhead(TopicCoverage topic) {
        return topic.plan()
                .filter(plan -> input.year().isAhead(plan, input.today()))
                .isPresent();
    }

    private double weeksOverdue(TopicCoverage topic) {
        return topic.revisit()
                .map(clock -> clock.daysOverdue(input.today(), input.examDay()) / DAYS_PER_WEEK)
                .orElse(0.0);
    }

    private NextStep step(TopicCoverage topic) {
        var bare = topic.barePoints();
        return bare.isEmpty()
                ? new NextStep(topic.topic(), lookAgain(topic), topic.weight())
                : new NextStep(topic.topic(), cover(topic, bare), topic.bareWeight());
    }

    private String lookAgain(TopicCoverage topic) {
        var weeks = topic.revisit()
                .map(clock -> input.year().weeksBetween(clock.startedOn(), input.today()))
                .orElse(0);
        var paper = topic.paperShare()
                .map(share -> ", " + Math.round(100 * share) + " % on papers")
                .orElse("");
        return "Look again: not seen " + weeks(weeks) + paper;
    }

    private String cover(TopicCoverage topic, List<PointCoverage> bare) {
        var count = bare.size() == topic.points().size() && topic.evidence().isEmpty()
                ? "Nothing yet"
                : codes(bare) + (bare.size() == 1 ? " has no notes" : " have no notes");
        return count + planned(topic.plan());
    }

    private String planned(Optional<WeekRange> plan) {
        return plan.map(range -> {
                    if (input.year().hasEnded(range, input.today())) {
                        return ", class did it in " + range.words();
                    }
                    return input.year().isAhead(range, input.today())
                            ? ", class comes to it in " + range.words()
                            : ", class is on it, " + range.words();
                })
                .orElse("");
    }

    private static String codes(List<PointCoverage> bare) {
        var codes = bare.stream().map(point -> point.point().code()).toList();
        return switch (codes.size()) {
            case 1 -> codes.getFirst();
            case 2 -> codes.get(0) + " and " + codes.get(1);
            default -> codes.size() + " of its points";
        };
    }

    private static String weeks(int weeks) {
        return weeks == 1 ? "1 week" : weeks + " weeks";
    }
}
