package notchbook.app.coverage;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.NextStep;
import notchbook.core.coverage.Standing;
import notchbook.core.coverage.Sureness;
import notchbook.core.coverage.TopicCoverage;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.syllabus.Edition;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CoverageController {
    private final Coverages coverages;
    private final Notebooks notebooks;

    CoverageController(Coverages coverages, Notebooks notebooks) {
        this.coverages = coverages;
        this.notebooks = notebooks;
    }

    /** How pressing a standing is, for its colour: good, open (to act on), soon (attention), missing, or ahead. */
    enum Tone {
        GOOD,
        OPEN,
        SOON,
        MISSING,
        AHEAD
    }

    record PointView(
            UUID id, String code, String statement, double weight, boolean isCovered, List<EvidenceKind> kinds) {}

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
            boolean isRevisitDue) {}

    record UnitView(UUID id, String code, String title, double weight) {}

    record NextView(UUID topic, String code, String title, String reason, double weight) {}

    record CoverageView(
            double marksCovered,
            int pointsBare,
            int topicsBehind,
            int weeks,
            Optional<Integer> week,
            List<UnitView> units,
            List<TopicView> topics,
            List<NextView> next) {}

    @GetMapping("/api/notebooks/{id}/coverage")
    CoverageView coverage(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var input = coverages.input(notebooks.require(reader, id));
        var coverage = Coverage.of(input);
        var week = input.year().teachingWeekOf(input.today());
        return new CoverageView(
                coverage.marksCovered(),
                coverage.pointsBare(),
                coverage.topicsBehind(),
                (int) input.year().weeks().stream()
                        .filter(one -> one.isTeaching())
                        .count(),
                week.isPresent() ? Optional.of(week.getAsInt()) : Optional.empty(),
                units(input.edition(), coverage),
                coverage.topics().stream().map(topic -> view(topic, input)).toList(),
                coverage.next().stream().map(CoverageController::view).toList());
    }

    @PostMapping("/api/notebooks/{id}/topics/{topic}/looked-again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lookedAgain(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID topic) {
        coverages.lookedAgain(reader, id, topic);
    }

    private static List<UnitView> units(Edition edition, Coverage coverage) {
        return edition.units().stream()
                .map(unit -> new UnitView(
                        unit.id(),
                        unit.code(),
                        unit.title(),
                        coverage.topics().stream()
                                .filter(topic ->
                                        edition.unitOf(topic.topic().id()).equals(Optional.of(unit)))
                                .mapToDouble(TopicCoverage::weight)
                                .sum()))
                .toList();
    }

    private static TopicView view(TopicCoverage topic, CoverageInput input) {
        return new TopicView(
                topic.topic().id(),
                input.edition().unitOf(topic.topic().id()).orElseThrow().id(),
                topic.topic().code(),
                topic.topic().title(),
                topic.weight(),
                topic.plan().map(plan -> new PlanView(plan.first(), plan.last())),
                topic.points().stream()
                        .map(point -> new PointView(
                                point.point().id(),
                                point.point().code(),
                                point.point().title(),
                                point.weight(),
                                point.isCovered(),
                                point.evidence().stream()
                                        .map(Evidence::kind)
                                        .distinct()
                                        .toList()))
                        .toList(),
                topic.evidence().stream()
                        .map(evidence -> view(evidence, input.year()))
                        .toList(),
                topic.paperShare(),
                topic.rating(),
                topic.sureness(),
                topic.standing().words(),
                tone(topic.standing()),
                topic.standing() instanceof Standing.NotSeen);
    }

    private static EvidenceView view(Evidence evidence, SchoolYear year) {
        return new EvidenceView(evidence.entry(), evidence.kind(), evidence.day(), year.weeksBegunBy(evidence.day()));
    }

    private static NextView view(NextStep step) {
        return new NextView(step.topic().id(), step.topic().code(), step.topic().title(), step.reason(), step.weight());
    }

    private static Tone tone(Standing standing) {
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
