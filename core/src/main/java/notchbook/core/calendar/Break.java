package notchbook.core.calendar;

import java.time.LocalDate;

/** A stretch of days without school, both ends included. */
public record Break(String name, LocalDate firstDay, LocalDate lastDay) {
    public Break {
        if (lastDay.isBefore(firstDay)) {
            throw new IllegalArgumentException("The break \"" + name + "\" ends before it begins.");
        }
    }

    boolean contains(LocalDate day) {
        return !day.isBefore(firstDay) && !day.isAfter(lastDay);
    }
}
