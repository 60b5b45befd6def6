package notchbook.formats.calendar;

import static java.time.temporal.ChronoUnit.DAYS;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.temporal.Temporal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Summary;
import notchbook.core.calendar.Break;

/**
 * Days without school from an iCalendar file (RFC 5545): its whole-day events, by their summaries, in order; one that
 * repeats as often as it does in the two years after its first day. Events at an hour of the day are passed over.
 */
public final class SchoolCalendar {
    /** Many years of a school's calendar; keeps a wrong file from filling memory. */
    private static final int MOST_EVENTS = 5_000;

    /** How long after its first day an event may repeat. */
    private static final int YEARS_OF_REPEATS = 2;

    /** Room for the name of a break. In characters. */
    private static final int LONGEST_NAME = 60;

    private SchoolCalendar() {}

    /**
     * Reads a file whole.
     *
     * @throws IllegalArgumentException with a sentence for the sender, when it is no calendar
     */
    public static List<Break> read(byte[] file) {
        try {
            var events =
                    new CalendarBuilder().build(new ByteArrayInputStream(file)).<VEvent>getComponents(Component.VEVENT);
            if (events.size() > MOST_EVENTS) {
                throw new IllegalArgumentException("This calendar has more than 5,000 events. Export one school year.");
            }
            return events.stream()
                    .flatMap(SchoolCalendar::wholeDays)
                    .sorted(Comparator.comparing(Break::firstDay).thenComparing(Break::name))
                    .toList();
        } catch (IOException | ParserException | RuntimeException broken) {
            if (broken instanceof IllegalArgumentException refused && broken.getCause() == null) {
                throw refused;
            }
            throw new IllegalArgumentException(
                    "This is no iCalendar file that can be read. Export the school's calendar as .ics and choose it again.",
                    broken);
        }
    }

    private static Stream<Break> wholeDays(VEvent event) {
        return once(event).stream().flatMap(pause -> repeated(event, pause));
    }

    private static Optional<Break> once(VEvent event) {
        var first = event.<DtStart<Temporal>>getProperty("DTSTART")
                .map(DtStart::getDate)
                .flatMap(SchoolCalendar::day);
        // The end of a whole-day event is the day after its last; without one it is that day alone.
        var end =
                event.<DtEnd<Temporal>>getProperty("DTEND").map(DtEnd::getDate).flatMap(SchoolCalendar::day);
        return first.filter(day -> end.map(day::isBefore).orElse(true))
                .map(day -> new Break(
                        name(event), day, end.map(after -> after.minusDays(1)).orElse(day)));
    }

    private static Stream<Break> repeated(VEvent event, Break first) {
        if (event.getProperty("RRULE").isEmpty() && event.getProperty("RDATE").isEmpty()) {
            return Stream.of(first);
        }
        var days = DAYS.between(first.firstDay(), first.lastDay());
        var within = new Period<>(first.firstDay(), first.firstDay().plusYears(YEARS_OF_REPEATS));
        try {
            return event.<LocalDate>calculateRecurrenceSet(within).stream()
                    .map(Period::getStart)
                    .map(day -> new Break(first.name(), day, day.plusDays(days)));
        } catch (DateTimeException unfit) {
            // Days cannot be repeated by the hour: the event is read once, and the others are not lost with it.
            return Stream.of(first);
        }
    }

    private static Optional<LocalDate> day(Temporal when) {
        return when instanceof LocalDate day ? Optional.of(day) : Optional.empty();
    }

    private static String name(VEvent event) {
        var name = event.<Summary>getProperty("SUMMARY")
                .map(Summary::getValue)
                .orElse("")
                .strip();
        return name.isEmpty() ? "No school" : name.substring(0, Math.min(LONGEST_NAME, name.length()));
    }
}
