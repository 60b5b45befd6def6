package notchbook.core.calendar;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SchoolYearTest {
    private static final LocalDate START = LocalDate.of(2026, 9, 2); // a Wednesday
    private final SchoolYear year = SchoolYear.of(
            "2026/27",
            START,
            LocalDate.of(2027, 7, 2),
            List.of(
                    new Break("Autumn break", LocalDate.of(2026, 10, 24), LocalDate.of(2026, 11, 1)),
                    new Break("Training day", LocalDate.of(2026, 11, 9), LocalDate.of(2026, 11, 9))));

    @ParameterizedTest
    @CsvSource({
        "2026-08-30, ''",
        "2026-09-02, 1",
        "2026-09-07, '2 1'",
        "2026-10-26, '8 7 6 5 4 3 2 1'",
        "2026-11-02, '9 8 7 6 5 4 3 2 1'",
    })
    void listsTheTeachingWeeksThatHaveBegunTheLatestFirst(LocalDate day, String numbers) {
        assertThat(year.teachingWeeksBegunBy(day).stream()
                        .map(week -> "" + week.number().orElseThrow())
                        .collect(joining(" ")))
                .isEqualTo(numbers);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-09-02,1",
        "2026-09-06,1",
        "2026-09-07,2",
        "2026-10-23,8",
        "2026-10-25,8",
        "2026-10-26,",
        "2026-11-01,",
        "2026-11-02,9",
        "2026-11-09,10",
        "2026-08-30,",
        "2027-07-05,"
    })
    void numbersTeachingWeeksThroughTheYear(LocalDate day, Integer week) {
        assertThat(year.teachingWeekOf(day)).isEqualTo(week == null ? OptionalInt.empty() : OptionalInt.of(week));
    }

    @Test
    void givesAWeekInsideABreakItsName() {
        assertThat(year.weekOf(LocalDate.of(2026, 10, 28)).orElseThrow().breakName())
                .contains("Autumn break");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-09-02,2026-09-04,0",
        "2026-09-02,2026-09-07,1",
        "2026-10-23,2026-11-02,1",
        "2026-11-02,2026-09-02,0"
    })
    void countsOnlyTeachingWeeksBetweenDays(LocalDate from, LocalDate to, int weeks) {
        assertThat(year.weeksBetween(from, to)).isEqualTo(weeks);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-10-18,true,false,false", // week 7: ahead
        "2026-10-20,false,true,false", // week 8: now
        "2026-10-28,false,false,false", // the break between: neither
        "2026-11-08,false,true,false", // week 9: now
        "2026-11-10,false,false,true" // week 10: over
    })
    void placesARangeAgainstADay(LocalDate day, boolean ahead, boolean now, boolean over) {
        var range = new WeekRange(8, 9);
        assertThat(List.of(year.isAhead(range, day), year.isWithin(range, day), year.hasEnded(range, day)))
                .containsExactly(ahead, now, over);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-09-07,1,", // the first term
        "2026-10-26,,Autumn break", // a break inside it
        "2026-12-18,14,", // its last day
        "2026-12-21,,Between terms",
        "2027-01-06,15,", // the second begins on a Wednesday
        "2027-03-29,,Between terms" // after the last one, before the year ends
    })
    void teachesInTermsOnly(LocalDate day, Integer week, String pause) {
        var found = inTerms().weekOf(day).orElseThrow();
        assertThat(found.number()).isEqualTo(week == null ? OptionalInt.empty() : OptionalInt.of(week));
        assertThat(found.breakName()).isEqualTo(Optional.ofNullable(pause));
    }

    @Test
    void tellsWhichWeeksATermTakesIn() {
        var terms = inTerms();
        assertThat(terms.terms().stream().map(terms::weeksOf))
                .containsExactly(Optional.of(new WeekRange(1, 14)), Optional.of(new WeekRange(15, 26)));
        var holiday = new Term("Holiday", LocalDate.of(2026, 10, 26), LocalDate.of(2026, 10, 30));
        assertThat(terms.weeksOf(holiday)).isEmpty();
    }

    private static SchoolYear inTerms() {
        return SchoolYear.of(
                "2026/27",
                LocalDate.of(2026, 9, 7),
                LocalDate.of(2027, 4, 30),
                List.of(
                        new Term("First", LocalDate.of(2026, 9, 7), LocalDate.of(2026, 12, 18)),
                        new Term("Second", LocalDate.of(2027, 1, 6), LocalDate.of(2027, 3, 26))),
                List.of(new Break("Autumn break", LocalDate.of(2026, 10, 24), LocalDate.of(2026, 11, 1))));
    }

    @Test
    void refusesAYearThatEndsBeforeItBegins() {
        assertThatThrownBy(() -> SchoolYear.of("odd", START, START.minusDays(1), List.of()))
                .hasMessageContaining("ends before it begins");
    }

    /** Years of any breaks: weeks follow each other by Mondays, and numbers count up without a gap. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void numbersWeeksWithoutRepeatingOrSkippingOverBreaks(long seed) {
        var random = new Random(seed);
        var start = START.plusDays(random.nextInt(400));
        var breaks = IntStream.range(0, random.nextInt(8))
                .mapToObj(i -> {
                    var first = start.plusDays(random.nextInt(300));
                    return new Break("Break " + i, first, first.plusDays(random.nextInt(30)));
                })
                .toList();
        var weeks = SchoolYear.of("Any", start, start.plusDays(300), breaks).weeks();
        var numbers =
                weeks.stream().flatMapToInt(week -> week.number().stream()).toArray();
        assertThat(numbers)
                .containsExactly(IntStream.rangeClosed(1, numbers.length).toArray());
        for (var i = 1; i < weeks.size(); i++) {
            assertThat(weeks.get(i).monday())
                    .isEqualTo(weeks.get(i - 1).monday().plusWeeks(1));
        }
    }
}
