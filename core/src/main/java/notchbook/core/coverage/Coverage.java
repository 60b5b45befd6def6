package notchbook.core.coverage;

import static java.util.Comparator.comparing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Weights;

/**
 * What the notebook covers of the syllabus, by the rules Weight, Covered, Where a topic stands, Revisit and Cover next
 * of docs/rules.md. Only points in force for the chosen exam count; topics without any are left out. {@code marksCovered} is a share from
 * 0 to 1; a topic is behind when its plan has ended and points are bare.
 */
public record Coverage(
        double marksCovered, int pointsBare, int topicsBehind, List<TopicCoverage> topics, List<NextStep> next) {

    public static Coverage of(CoverageInput input) {
        var topics = new Reckoning(input).topics();
        var points = topics.stream().flatMap(topic -> topic.points().stream()).toList();
        return new Coverage(
                points.stream()
                        .filter(PointCoverage::isCovered)
                        .mapToDouble(PointCoverage::weight)
                        .sum(),
                (int) points.stream().filter(point -> !point.isCovered()).count(),
                behind(topics, input),
                topics,
                CoverNext.of(topics, input));
    }

    private static int behind(List<TopicCoverage> topics, CoverageInput input) {
        return (int) topics.stream()
                .filter(topic -> !topic.barePoints().isEmpty())
                .filter(topic -> topic.plan()
                        .filter(plan -> input.year().hasEnded(plan, input.today()))
                        .isPresent())
                .count();
    }

    private static final class Reckoning {
        private final CoverageInput input;
        private final Weights weights;
        private final Filing filing;
        private final Map<UUID, PaperMark> latestPaper;
        private final Map<UUID, Rating> latestRating;

        Reckoning(CoverageInput input) {
            this.input = input;
            this.weights = Weights.of(input.edition(), input.exam());
            this.latestPaper = latest(input.papers(), PaperMark::topic, PaperMark::day);
            this.latestRating = latest(input.ratings(), Rating::topic, Rating::day);
            this.filing = Filing.of(input.edition(), weights, input.evidence());
        }

        List<TopicCoverage> topics() {
            return input.edition()
                    .topics()
                    .map(this::topic)
                    .flatMap(Optional::stream)
                    .toList();
        }

        private Optional<TopicCoverage> topic(SyllabusNode topic) {
            var points = input.edition().childrenOf(topic.id()).stream()
                    .filter(point -> weights.isInForce(point.id()))
                    .map(point -> new PointCoverage(point, weights.of(point.id()), filing.on(point.id())))
                    .toList();
            if (points.isEmpty()) {
                return Optional.empty();
            }
            var evidence = filing.in(topic.id());
            var plan = Optional.ofNullable(input.plan().get(topic.id()));
            var paper = Optional.ofNullable(latestPaper.get(topic.id())).map(PaperMark::share);
            var rating = Optional.ofNullable(latestRating.get(topic.id())).map(Rating::value);
            var revisit = revisit(topic, points, evidence);
            return Optional.of(new TopicCoverage(
                    topic,
                    points.stream().mapToDouble(PointCoverage::weight).sum(),
                    points,
                    evidence,
                    plan,
                    paper,
                    rating,
                    rating.flatMap(value -> paper.flatMap(share -> Sureness.of(value, share))),
                    revisit,
                    new StandingRule(input, points, evidence, plan, paper, rating, revisit).determine()));
        }

        private Optional<Revisit> revisit(SyllabusNode topic, List<PointCoverage> points, List<Evidence> evidence) {
            if (!points.stream().allMatch(PointCoverage::isCovered)) {
                return Optional.empty();
            }
            var coveredOn = points.stream()
                    .map(point -> point.evidence().getFirst().day())
                    .max(LocalDate::compareTo);
            var seenOn = new ArrayList<LocalDate>();
            evidence.forEach(one -> seenOn.add(one.day()));
            daysOf(input.papers(), topic, PaperMark::topic, PaperMark::day, seenOn);
            daysOf(input.looks(), topic, LookedAgain::topic, LookedAgain::day, seenOn);
            seenOn.sort(null);
            return coveredOn.map(day -> Revisit.through(day, seenOn, input.examDay()));
        }

        private static <T> void daysOf(
                List<T> events,
                SyllabusNode topic,
                Function<T, UUID> topicOf,
                Function<T, LocalDate> dayOf,
                List<LocalDate> days) {
            events.stream()
                    .filter(event -> topicOf.apply(event).equals(topic.id()))
                    .map(dayOf)
                    .forEach(days::add);
        }

        private static <T> Map<UUID, T> latest(
                Collection<T> events, Function<T, UUID> topicOf, Function<T, LocalDate> dayOf) {
            var latest = new HashMap<UUID, T>();
            events.stream().sorted(comparing(dayOf)).forEach(event -> latest.put(topicOf.apply(event), event));
            return latest;
        }
    }
}
