package notchbook.demo;

import static java.time.DayOfWeek.MONDAY;
import static java.time.temporal.TemporalAdjusters.previousOrSame;

import java.time.LocalDate;
import java.util.List;
import notchbook.core.calendar.Break;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.Term;

/** The demo year, laid so that today lies in teaching week 12: 36 weeks with breaks after weeks 8, 14, 20 and 27. */
record DemoCalendar(SchoolYear year) {
    static final int THIS_WEEK = 12;

    static DemoCalendar around(LocalDate today) {
        var thisMonday = today.with(previousOrSame(MONDAY));
        var firstMonday = thisMonday.minusWeeks(THIS_WEEK);
        var breaks = List.of(
                pause("Autumn break", firstMonday, 8, 1),
                pause("Winter break", firstMonday, 15, 2),
                pause("Mid-year break", firstMonday, 23, 1),
                pause("Spring break", firstMonday, 31, 2));
        var lastDay = firstMonday.plusWeeks(42).minusDays(3);
        var terms = List.of(
                new Term("Autumn term", firstMonday, friday(firstMonday, 14)),
                new Term("Winter term", firstMonday.plusWeeks(17), friday(firstMonday, 30)),
                new Term("Spring term", firstMonday.plusWeeks(33), lastDay));
        return new DemoCalendar(SchoolYear.of("This year", firstMonday, lastDay, terms, breaks));
    }

    /** A day of a teaching week; {@code dayOfWeek} counts from 0 for Monday. */
    LocalDate day(int week, int dayOfWeek) {
        return year.teachingWeek(week).orElseThrow().monday().plusDays(dayOfWeek);
    }

    private static LocalDate friday(LocalDate firstMonday, int weeksBefore) {
        return firstMonday.plusWeeks(weeksBefore).plusDays(4);
    }

    private static Break pause(String name, LocalDate firstMonday, int weeksBefore, int weeks) {
        var monday = firstMonday.plusWeeks(weeksBefore);
        return new Break(name, monday, monday.plusWeeks(weeks).minusDays(1));
    }
}
