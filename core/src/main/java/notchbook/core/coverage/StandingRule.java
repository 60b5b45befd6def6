package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;

/** Where a topic stands: the first of the five cases of docs/rules.md that applies. */
record StandingRule(
        CoverageInput input,
        List<PointCoverage> points,
        List<Evidence> evidence,
        Optional<WeekRange> plan,
        Optional<Double> paperShare,
        Optional<Integer> rating,
        Optional<Revisit> revisit) {

    private static final double SHAKY_BELOW = 0.5;
    private static final int SHAKY_RATING = 2;

    Standing determine() {
        var bare = (int) points.stream().filter(point -> !point.isCovered()).count();
        if (evidence.isEmpty()) {
            return untouched();
        }
        if (bare > 0) {
            return partly(bare);
        }
        if (isShaky()) {
            return new Standing.Shaky();
        }
        return revisit.filter(clock -> clock.daysOverdue(today(), input.examDay()) > 0)
                .<Standing>map(clock -> new Standing.NotSeen(year().weeksBetween(clock.startedOn(), today())))
                .orElseGet(this::covered);
    }

    private Standing untouched() {
        if (plan.filter(range -> year().isAhead(range, today())).isPresent()) {
            return new Standing.Planned();
        }
        return isPlannedNow() ? new Standing.ThisWeek() : new Standing.NothingYet();
    }

    private Standing partly(int bare) {
        if (isPlannedNow()) {
            return new Standing.ThisWeekBare(bare);
        }
        var hasEnded = plan.filter(range -> year().hasEnded(range, today())).isPresent();
        return hasEnded ? new Standing.LateBare(bare) : new Standing.Bare(bare);
    }

    private Standing covered() {
        var kinds = evidence.stream().map(Evidence::kind).distinct().count();
        return kinds == 1 ? new Standing.OneKindOnly() : new Standing.Solid();
    }

    private boolean isShaky() {
        return paperShare
                .map(share -> share < SHAKY_BELOW)
                .orElseGet(() -> rating.filter(value -> value <= SHAKY_RATING).isPresent());
    }

    private boolean isPlannedNow() {
        return plan.filter(range -> year().isWithin(range, today())).isPresent();
    }

    private SchoolYear year() {
        return input.year();
    }

    private LocalDate today() {
        return input.today();
    }
}
