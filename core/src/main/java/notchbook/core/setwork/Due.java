package notchbook.core.setwork;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Optional;

/** When something is due: by an hour of a day, or within the day. Times are those of the school. */
public record Due(LocalDate day, Optional<LocalTime> hour) {
    public static Due on(LocalDate day) {
        return new Due(day, Optional.empty());
    }

    /** Whether it is late by then; the minute that is named still counts. */
    public boolean isPast(LocalDateTime at) {
        return hour.map(time -> !at.isBefore(day.atTime(time).plusMinutes(1)))
                .orElse(at.toLocalDate().isAfter(day));
    }
}
