package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.calendar.WeekRange;

/**
 * How the marks covered grew through the teaching weeks, beside what the plan would have covered, and where they would be
 * on the day of the exam. All in shares of the marks, from 0 to 1.
 *
 * <p>A point counts from the day of its first evidence. The plan covers a topic evenly through its weeks. The forecast
 * assumes that the pace of the last {@value #PACE_WEEKS} teaching weeks is kept in every teaching week until the exam.
 */
public record Progress(List<Week> weeks, Forecast forecast) {
    /** Long enough to even out a week that was lost, short enough to notice a change of habit. */
    static final int PACE_WEEKS = 6;

    /** A teaching week at its end; what is covered is empty for weeks to come, the plan where there is none. */
    public record Week(int number, Optional<Double> covered, Optional<Double> planned) {}

    /** The pace in shares a teaching week, the teaching weeks left after this one, and what that comes to; empty without an exam day. */
    public record Forecast(double pacePerWeek, int weeksLeft, Optional<Double> atExam) {}

    public static Progress of(CoverageInput input, Coverage coverage) {
        var covered = coveredByDay(coverage);
        var weeks = new ArrayList<Week>();
        input.year().weeks().stream().filter(CalendarWeek::isTeaching).forEach(week -> {
            var number = week.number().getAsInt();
            var hasBegun = !week.monday().isAfter(input.today());
            weeks.add(new Week(
                    number,
                    hasBegun ? Optional.of(upTo(covered, week.sunday())) : Optional.empty(),
                    planned(input.plan(), coverage, number)));
        });
        return new Progress(List.copyOf(weeks), forecast(input, covered));
    }

    private static TreeMap<LocalDate, Double> coveredByDay(Coverage coverage) {
        var byDay = new TreeMap<LocalDate, Double>();
        coverage.topics().stream()
                .flatMap(topic -> topic.points().stream())
                .filter(PointCoverage::isCovered)
                .forEach(point -> byDay.merge(point.evidence().getFirst().day(), point.weight(), Double::sum));
        return byDay;
    }

    private static double upTo(TreeMap<LocalDate, Double> byDay, LocalDate day) {
        return byDay.headMap(day, true).values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
    }

    private static Optional<Double> planned(Map<UUID, WeekRange> plan, Coverage coverage, int week) {
        return plan.isEmpty()
                ? Optional.empty()
                : Optional.of(coverage.topics().stream()
                        .mapToDouble(topic -> topic.plan()
                                .map(range -> topic.weight() * shareTaught(range, week))
                                .orElse(0.0))
                        .sum());
    }

    private static double shareTaught(WeekRange range, int week) {
        var length = range.last() - range.first() + 1.0;
        return Math.clamp((week - range.first() + 1) / length, 0, 1);
    }

    private static Forecast forecast(CoverageInput input, TreeMap<LocalDate, Double> covered) {
        var now = upTo(covered, input.today());
        var begun = input.year().weeksBegunBy(input.today());
        var window = Math.clamp(begun, 1, PACE_WEEKS);
        // Before the first week of the window: the last day of the week that came before it, or nothing yet.
        var start = input.year().teachingWeek(begun - window + 1).map(CalendarWeek::monday);
        var before = start.map(monday -> upTo(covered, monday.minusDays(1))).orElse(now);
        var pace = (now - before) / window;
        var left = input.examDay()
                .map(exam -> input.year().weeksBetween(input.today(), exam))
                .orElse(0);
        return new Forecast(pace, left, input.examDay().map(exam -> Math.min(1, now + pace * left)));
    }
}
