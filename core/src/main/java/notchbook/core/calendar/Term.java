package notchbook.core.calendar;

import java.time.LocalDate;

/** A part of a school year with a name, both ends included; breaks may lie inside it. */
public record Term(String name, LocalDate firstDay, LocalDate lastDay) {
    public Term {
        if (lastDay.isBefore(firstDay)) {
            throw new IllegalArgumentException("The term \"" + name + "\" ends before it begins.");
        }
    }

    boolean contains(LocalDate day) {
        return !day.isBefore(firstDay) && !day.isAfter(lastDay);
    }
}
