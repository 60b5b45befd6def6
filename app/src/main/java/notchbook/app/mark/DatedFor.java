package notchbook.app.mark;

import java.util.List;
import notchbook.app.people.Person;
import notchbook.formats.calendar.TaskCalendar.DatedTask;

/** Whoever knows what else a student has to do by a day; it stands in their calendar beside their tasks. */
public interface DatedFor {
    List<DatedTask> of(Person student);
}
