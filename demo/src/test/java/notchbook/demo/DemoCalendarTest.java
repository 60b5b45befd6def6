package notchbook.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DemoCalendarTest {
    /** Every day of a week, and days at which a year, a leap day or the clocks change. */
    static Stream<LocalDate> todays() {
        var week = IntStream.range(0, 7).mapToObj(LocalDate.of(2026, 11, 23)::plusDays);
        var odd = Stream.of("2027-01-01", "2026-12-31", "2028-02-29", "2027-03-28", "2026-10-25", "2027-07-15");
        return Stream.concat(week, odd.map(LocalDate::parse));
    }

    @ParameterizedTest
    @MethodSource("todays")
    void laysTheYearSoThatTodayIsInWeekTwelve(LocalDate today) {
        var week = DemoCalendar.around(today).year().weekOf(today).orElseThrow();
        assertThat(week.number()).hasValue(12);
        assertThat(week.monday().getDayOfWeek()).isEqualTo(DayOfWeek.MONDAY);
    }

    @Test
    void hasThirtySixTeachingWeeksAndLeavesBreaksUnnumbered() {
        var calendar = DemoCalendar.around(LocalDate.of(2026, 11, 25));
        assertThat(calendar.year().teachingWeek(36)).isPresent();
        assertThat(calendar.year().teachingWeek(37)).isEmpty();
        for (var pause : calendar.year().breaks()) {
            assertThat(calendar.year().weekOf(pause.firstDay()).orElseThrow().number())
                    .as(pause.name())
                    .isEmpty();
        }
    }

    @Test
    void countsTheDaysOfAWeekFromMonday() {
        var calendar = DemoCalendar.around(LocalDate.of(2026, 11, 25));
        assertThat(calendar.day(12, 0)).isEqualTo(LocalDate.of(2026, 11, 23));
        assertThat(calendar.day(12, 4)).isEqualTo(LocalDate.of(2026, 11, 27));
    }
}
