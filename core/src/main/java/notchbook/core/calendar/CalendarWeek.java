package notchbook.core.calendar;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;

/** A week of the school year, Monday to Sunday: a teaching week with its number, or a week of a break with its name. */
public record CalendarWeek(LocalDate monday, OptionalInt number, Optional<String> breakName) {
    public LocalDate sunday() {
        return monday.plusDays(6);
    }

    public boolean isTeaching() {
        return number.isPresent();
    }
}
