package notchbook.core.calendar;

import static java.time.DayOfWeek.MONDAY;
import static java.time.temporal.TemporalAdjusters.previousOrSame;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * A school year. Its teaching weeks are numbered through the year from 1; a week counts as taught when at least one
 * of its days from Monday to Friday is a school day, and weeks wholly inside a break have no number (docs/rules.md, Weeks).
 * When the year has terms, days in none of them are without school too; a year without terms is taught all through.
 */
public final class SchoolYear {
    /** Monday to Friday. */
    private static final int SCHOOL_DAYS_PER_WEEK = 5;

    private static final String BETWEEN_TERMS = "Between terms";

    private final String name;
    private final LocalDate firstDay;
    private final LocalDate lastDay;
    private final List<Term> terms;
    private final List<Break> breaks;
    private final List<CalendarWeek> weeks;

    private SchoolYear(String name, LocalDate firstDay, LocalDate lastDay, List<Term> terms, List<Break> breaks) {
        this.name = name;
        this.firstDay = firstDay;
        this.lastDay = lastDay;
        this.terms = List.copyOf(terms);
        this.breaks = List.copyOf(breaks);
        this.weeks = numbered();
    }

    /** A year without terms. */
    public static SchoolYear of(String name, LocalDate firstDay, LocalDate lastDay, List<Break> breaks) {
        return of(name, firstDay, lastDay, List.of(), breaks);
    }

    public static SchoolYear of(
            String name, LocalDate firstDay, LocalDate lastDay, List<Term> terms, List<Break> breaks) {
        if (lastDay.isBefore(firstDay)) {
            throw new IllegalArgumentException("The school year \"" + name + "\" ends before it begins.");
        }
        return new SchoolYear(name, firstDay, lastDay, terms, breaks);
    }

    public List<Term> terms() {
        return terms;
    }

    /** The teaching weeks that have a school day in a term; empty when it has none. */
    public Optional<WeekRange> weeksOf(Term term) {
        var numbers = teachingWeeks()
                .filter(week -> schoolDays(week.monday()).anyMatch(term::contains))
                .mapToInt(week -> week.number().getAsInt())
                .summaryStatistics();
        return numbers.getCount() == 0
                ? Optional.empty()
                : Optional.of(new WeekRange(numbers.getMin(), numbers.getMax()));
    }

    public List<Break> breaks() {
        return breaks;
    }

    /** How many teaching weeks the year has. */
    public int teachingWeekCount() {
        return (int) teachingWeeks().count();
    }

    public String name() {
        return name;
    }

    public LocalDate firstDay() {
        return firstDay;
    }

    public LocalDate lastDay() {
        return lastDay;
    }

    /** Every week from the first day to the last, in order, breaks included. */
    public List<CalendarWeek> weeks() {
        return weeks;
    }

    /** The week that holds a day; empty outside the school year. */
    public Optional<CalendarWeek> weekOf(LocalDate day) {
        var monday = day.with(previousOrSame(MONDAY));
        return weeks.stream().filter(week -> week.monday().equals(monday)).findFirst();
    }

    /** The teaching week of a day; empty in a break and outside the year. */
    public OptionalInt teachingWeekOf(LocalDate day) {
        return weekOf(day).map(CalendarWeek::number).orElseGet(OptionalInt::empty);
    }

    /** The teaching weeks that have begun by a day, the latest first. */
    public List<CalendarWeek> teachingWeeksBegunBy(LocalDate day) {
        return weeks().reversed().stream()
                .filter(week -> week.isTeaching() && !week.monday().isAfter(day))
                .toList();
    }

    /** The calendar week that bears a teaching week's number; empty when the year has no such week. */
    public Optional<CalendarWeek> teachingWeek(int number) {
        return teachingWeeks()
                .filter(week -> week.number().getAsInt() == number)
                .findFirst();
    }

    /** How many teaching weeks have begun on or before a day. */
    public int weeksBegunBy(LocalDate day) {
        return (int) teachingWeeks().filter(week -> !week.monday().isAfter(day)).count();
    }

    /** Teaching weeks from one day to a later one; 0 when both lie in the same week. */
    public int weeksBetween(LocalDate from, LocalDate to) {
        return Math.max(0, weeksBegunBy(to) - weeksBegunBy(from));
    }

    /** Whether a range of teaching weeks begins after a day's week. */
    public boolean isAhead(WeekRange range, LocalDate day) {
        return teachingWeek(range.first())
                .map(week -> week.monday().isAfter(day))
                .orElse(true);
    }

    /** Whether the last week of a range is over on a day. */
    public boolean hasEnded(WeekRange range, LocalDate day) {
        return teachingWeek(range.last())
                .map(week -> week.sunday().isBefore(day))
                .orElse(false);
    }

    /** Whether a day lies in one of the teaching weeks of a range. */
    public boolean isWithin(WeekRange range, LocalDate day) {
        var week = teachingWeekOf(day);
        return week.isPresent() && range.contains(week.getAsInt());
    }

    private Stream<CalendarWeek> teachingWeeks() {
        return weeks.stream().filter(CalendarWeek::isTeaching);
    }

    private List<CalendarWeek> numbered() {
        var all = new ArrayList<CalendarWeek>();
        var number = 0;
        for (var monday = firstDay.with(previousOrSame(MONDAY));
                !monday.isAfter(lastDay);
                monday = monday.plusWeeks(1)) {
            var taught = schoolDays(monday).findAny().isPresent();
            number += taught ? 1 : 0;
            all.add(new CalendarWeek(
                    monday,
                    taught ? OptionalInt.of(number) : OptionalInt.empty(),
                    taught ? Optional.empty() : breakIn(monday).or(this::betweenTerms)));
        }
        return List.copyOf(all);
    }

    private Stream<LocalDate> schoolDays(LocalDate monday) {
        return monday.datesUntil(monday.plusDays(SCHOOL_DAYS_PER_WEEK)).filter(this::isSchoolDay);
    }

    private boolean isSchoolDay(LocalDate day) {
        return !day.isBefore(firstDay)
                && !day.isAfter(lastDay)
                && (terms.isEmpty() || terms.stream().anyMatch(term -> term.contains(day)))
                && breaks.stream().noneMatch(pause -> pause.contains(day));
    }

    private Optional<String> breakIn(LocalDate monday) {
        return breaks.stream()
                .filter(pause ->
                        monday.datesUntil(monday.plusDays(SCHOOL_DAYS_PER_WEEK)).anyMatch(pause::contains))
                .map(Break::name)
                .findFirst();
    }

    private Optional<String> betweenTerms() {
        return terms.isEmpty() ? Optional.empty() : Optional.of(BETWEEN_TERMS);
    }
}
