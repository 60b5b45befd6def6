package notchbook.app.coverage;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.NextStep;
import notchbook.core.coverage.PointCoverage;
import notchbook.core.coverage.Progress;
import notchbook.core.coverage.Reasons;
import notchbook.core.coverage.Standing;
import notchbook.core.coverage.Sureness;
import notchbook.core.coverage.TopicCoverage;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.SyllabusNode.Origin;
import notchbook.core.syllabus.Tier;

/** What the coverage screen is sent. */
final class CoverageViews {
    private CoverageViews() {}

    /** How pressing a standing is, for its colour: good, open (to act on), soon (attention), missing, or ahead. */
    enum Tone {
        GOOD,
        OPEN,
        SOON,
        MISSING,
        AHEAD
    }

    record PointView(
            UUID id,
            String code,
            String statement,
            double weight,
            Tier tier,
            Origin origin,
            boolean isCovered,
            List<EvidenceKind> kinds) {}

    /** Evidence on the week grid; {@code week} is the latest teaching week that had begun on its day. */
    record EvidenceView(UUID entry, EvidenceKind kind, LocalDate day, int week) {}

    record PlanView(int firstWeek, int lastWeek) {}

    /** A topic; weights are shares of the marks from 0 to 1, {@code paper} the latest paper mark from 0 to 1. */
    record TopicView(
            UUID id,
            UUID unit,
            String code,
            String title,
            double weight,
            Optional<PlanView> plan,
            List<PointView> points,
            List<EvidenceView> evidence,
            Optional<Double> paper,
            Optional<Integer> rating,
            Optional<Sureness> sureness,
            String standing,
            Tone tone,
            boolean isRevisitDue,
            List<String> why) {}

    record UnitView(UUID id, String code, String title, double weight) {}

    record NextView(UUID topic, String code, String title, String reason, double weight) {}

    /** How each figure at the top came about, in sentences. */
    record WhyView(List<String> marksCovered, List<String> pointsBare, List<String> topicsBehind) {}

    /** The marks covered and planned at the end of a teaching week, as shares from 0 to 1. */
    record ProgressWeekView(int week, Optional<Double> covered, Optional<Double> planned) {}

    record ForecastView(double pacePerWeek, int weeksLeft, Optional<Double> atExam) {}

    record CoverageView(
            double marksCovered,
            int pointsBare,
            int topicsBehind,
            WhyView why,
            int weeks,
            Optional<Integer> week,
            List<UnitView> units,
            List<TopicView> topics,
            List<NextView> next,
            List<ProgressWeekView> progress,
            ForecastView forecast) {}

    static CoverageView of(CoverageInput input) {
        var coverage = Coverage.of(input);
        var reasons = new Reasons(input, coverage);
        var progress = Progress.of(input, coverage);
        return new CoverageView(
                coverage.marksCovered(),
                coverage.pointsBare(),
                coverage.topicsBehind(),
                new WhyView(reasons.ofMarksCovered(), reasons.ofPointsBare(), reasons.ofTopicsBehind()),
                input.year().teachingWeekCount(),
                number(input.year().teachingWeekOf(input.today())),
                units(input, coverage),
                coverage.topics().stream()
                        .map(topic -> topic(topic, input, reasons))
                        .toList(),
                coverage.next().stream().map(CoverageViews::next).toList(),
                progress.weeks().stream()
                        .map(week -> new ProgressWeekView(week.number(), week.covered(), week.planned()))
                        .toList(),
                new ForecastView(
                        progress.forecast().pacePerWeek(),
                        progress.forecast().weeksLeft(),
                        progress.forecast().atExam()));
    }

    private static Optional<Integer> number(OptionalInt week) {
        return week.isPresent() ? Optional.of(week.getAsInt()) : Optional.empty();
    }

    private static List<UnitView> units(CoverageInput input, Coverage coverage) {
        return input.edition().units().stream()
                .map(unit -> new UnitView(
                        unit.id(),
                        unit.code(),
                        unit.title(),
                        coverage.topics().stream()
                                .filter(topic -> input.edition()
                                        .unitOf(topic.topic().id())
                                        .equals(Optional.of(unit)))
                                .mapToDouble(TopicCoverage::weight)
                                .sum()))
                .toList();
    }

    private static TopicView topic(TopicCoverage topic, CoverageInput input, Reasons reasons) {
        return new TopicView(
                topic.topic().id(),
                input.edition().unitOf(topic.topic().id()).orElseThrow().id(),
                topic.topic().code(),
                topic.topic().title(),
                topic.weight(),
                topic.plan().map(plan -> new PlanView(plan.first(), plan.last())),
                topic.points().stream().map(CoverageViews::point).toList(),
                topic.evidence().stream()
                        .map(evidence -> evidence(evidence, input.year()))
                        .toList(),
                topic.paperShare(),
                topic.rating(),
                topic.sureness(),
                topic.standing().words(),
                tone(topic.standing()),
                topic.standing() instanceof Standing.NotSeen,
                reasons.of(topic));
    }

    private static PointView point(PointCoverage point) {
        return new PointView(
                point.point().id(),
                point.point().code(),
                point.point().title(),
                point.weight(),
                point.point().tier(),
                point.point().origin(),
                point.isCovered(),
                point.evidence().stream().map(Evidence::kind).distinct().toList());
    }

    private static EvidenceView evidence(Evidence evidence, SchoolYear year) {
        return new EvidenceView(evidence.entry(), evidence.kind(), evidence.day(), year.weeksBegunBy(evidence.day()));
    }

    private static NextView next(NextStep step) {
        return new NextView(step.topic().id(), step.topic().code(), step.topic().title(), step.reason(), step.weight());
    }

    static Tone tone(Standing standing) {
        return switch (standing) {
            case Standing.Solid ignored -> Tone.GOOD;
            case Standing.ThisWeek ignored -> Tone.OPEN;
            case Standing.ThisWeekBare ignored -> Tone.OPEN;
            case Standing.NothingYet ignored -> Tone.MISSING;
            case Standing.LateBare ignored -> Tone.MISSING;
            case Standing.Planned ignored -> Tone.AHEAD;
            case Standing.Bare ignored -> Tone.SOON;
            case Standing.Shaky ignored -> Tone.SOON;
            case Standing.NotSeen ignored -> Tone.SOON;
            case Standing.OneKindOnly ignored -> Tone.SOON;
        };
    }
}
