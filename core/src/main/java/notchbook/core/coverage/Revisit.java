package notchbook.core.coverage;

import static java.time.temporal.ChronoUnit.DAYS;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** The revisit clock of a topic: the day it last started and the interval in days since (docs/rules.md, Revisit). */
public record Revisit(LocalDate startedOn, int intervalDays) {
    private static final int FIRST_INTERVAL_DAYS = 2 * 7;
    private static final int LONGEST_INTERVAL_DAYS = 16 * 7;
    private static final int EXAM_SEASON_DAYS = 8 * 7;

    /**
     * Runs the clock from the day when the last point was first covered through the later days with new evidence, a
     * paper or a look, given in order.
     */
    static Revisit through(LocalDate coveredOn, List<LocalDate> seenOn, Optional<LocalDate> examDay) {
        var clock = new Revisit(coveredOn, FIRST_INTERVAL_DAYS);
        for (var day : seenOn) {
            if (day.isAfter(clock.startedOn)) {
                clock = clock.seen(day, examDay);
            }
        }
        return clock;
    }

    /** Days past the interval on a day; 0 or less when the revisit is not overdue. */
    public long daysOverdue(LocalDate today, Optional<LocalDate> examDay) {
        return DAYS.between(startedOn, today) - intervalOn(today, examDay);
    }

    private Revisit seen(LocalDate day, Optional<LocalDate> examDay) {
        var halfPassed = 2 * DAYS.between(startedOn, day) >= intervalOn(day, examDay);
        return new Revisit(day, halfPassed ? Math.min(LONGEST_INTERVAL_DAYS, 2 * intervalDays) : intervalDays);
    }

    private int intervalOn(LocalDate day, Optional<LocalDate> examDay) {
        var inExamSeason = examDay.filter(exam -> !day.isAfter(exam))
                .filter(exam -> DAYS.between(day, exam) <= EXAM_SEASON_DAYS)
                .isPresent();
        return inExamSeason ? intervalDays / 2 : intervalDays;
    }
}
