package notchbook.core.setwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DueTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 27);
    private static final UUID SIA = new UUID(0, 1);

    @ParameterizedTest
    @CsvSource({
        "     , 2026-11-27T00:00:00, false",
        "     , 2026-11-27T23:59:59, false",
        "     , 2026-11-28T00:00:00, true",
        "16:00, 2026-11-26T23:00:00, false",
        "16:00, 2026-11-27T15:59:59, false",
        "16:00, 2026-11-27T16:00:59, false",
        "16:00, 2026-11-27T16:01:00, true",
        "16:00, 2026-11-28T09:00:00, true",
        "23:59, 2026-11-27T23:59:59, false",
        "23:59, 2026-11-28T00:00:00, true"
    })
    void isPastAfterItsDayOrItsMinute(LocalTime hour, LocalDateTime at, boolean isPast) {
        assertThat(new Due(DAY, Optional.ofNullable(hour)).isPast(at)).isEqualTo(isPast);
    }

    @Test
    void keepsTheHourForWhoHasLonger() {
        var hour = Optional.of(LocalTime.of(9, 0));
        var due = new DueDays(new Due(DAY, hour), Map.of(SIA, DAY.plusDays(3)));
        assertThat(due.of(SIA)).isEqualTo(new Due(DAY.plusDays(3), hour));
        assertThat(due.of(new UUID(0, 2))).isEqualTo(due.forAll());
    }
}
