package notchbook.formats.calendar;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Dated tasks as an iCalendar feed (RFC 5545): each open task as an event of a whole day, or of a minute of it, that blocks no time,
 * since calendars on phones show events of a feed and leave out its to-dos.
 */
public final class TaskCalendar {
    private static final ProdId WRITER = new ProdId("-//Notchbook//Tasks//EN");

    private TaskCalendar() {}

    /** A task in its words, with where in the notebooks it stands; {@code at} is the minute by which it is to be done, where one is named. */
    public record DatedTask(UUID id, String words, LocalDate due, Optional<Instant> at, String place) {}

    public static String write(List<DatedTask> tasks, Instant now) {
        var calendar = new Calendar();
        calendar.add(WRITER);
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        tasks.forEach(task -> calendar.add(event(task, now)));
        return calendar.toString();
    }

    private static VEvent event(DatedTask task, Instant now) {
        var event = new VEvent(false);
        event.add(new DtStamp(now));
        event.add(new Uid(task.id().toString()));
        event.add(new DtStart<>(task.at().<Temporal>map(at -> at).orElse(task.due())));
        event.add(new Summary(task.words()));
        event.add(new Description(task.place()));
        event.add(ImmutableTransp.TRANSPARENT);
        return event;
    }
}
