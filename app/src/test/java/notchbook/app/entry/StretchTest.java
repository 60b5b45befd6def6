package notchbook.app.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StretchTest {
    private static final Instant FIRST = Instant.parse("2026-09-01T08:00:00Z");

    /** Three entries in month 1, none in 2, four in 3 in two notebooks, two in 4. */
    private static final List<MonthSpan> SPANS =
            List.of(span(3, 1, 60, 61), span(1, 3, 0, 20), span(4, 2, 90, 95), span(3, 3, 62, 80));

    private static MonthSpan span(int month, int count, int first, int last) {
        return new MonthSpan(month, count, day(first), day(last));
    }

    private static Instant day(int number) {
        return FIRST.plusSeconds(86_400L * number);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1, 0, 20, 0",
        "2, 1, 0, 20, 2",
        "2, 2, 0, 80, 2",
        "3, 4, 60, 80, 0",
        "4, 1, 60, 80, 1",
        "6, 100, 60, 95, 3",
        "8, 1, 90, 95, 1"
    })
    void reachesOverTheMonthsThatHoldThem(int from, int most, int first, int last, int skipped) {
        assertThat(Stretch.of(SPANS, from, most)).contains(new Stretch(day(first), day(last), skipped));
    }

    @Test
    void isNotThereBeyondTheLast() {
        assertThat(Stretch.of(SPANS, 9, 1)).isEqualTo(Optional.empty());
        assertThat(Stretch.of(List.of(), 0, 1)).isEqualTo(Optional.empty());
    }
}
