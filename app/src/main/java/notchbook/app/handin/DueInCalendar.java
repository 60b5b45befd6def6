package notchbook.app.handin;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.mark.DatedFor;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorkMapper;
import notchbook.app.setwork.SetWorks;
import notchbook.core.handin.HandInState;
import notchbook.formats.calendar.TaskCalendar.DatedTask;
import org.springframework.stereotype.Component;

/** What a student still has to hand in, for their calendar. */
@Component
class DueInCalendar implements DatedFor {
    private final HandInStore store;
    private final SetWorks setWorks;
    private final SetWorkMapper mapper;
    private final SchoolClock clock;

    DueInCalendar(HandInStore store, SetWorks setWorks, SetWorkMapper mapper, SchoolClock clock) {
        this.store = store;
        this.setWorks = setWorks;
        this.mapper = mapper;
        this.clock = clock;
    }

    @Override
    public List<DatedTask> of(Person student) {
        var in = in(student);
        return setWorks.visibleTo(student).stream()
                .filter(work -> !in.contains(work.id()))
                .map(work -> dated(student, work))
                .toList();
    }

    /** What lies with the teacher or is checked; what was sent back is to be handed in again. */
    private Set<UUID> in(Person student) {
        return store.by(student.id()).stream()
                .filter(HandIn::counts)
                .filter(handIn -> handIn.state() != HandInState.SENT_BACK)
                .flatMap(handIn -> handIn.to().setWorkId().stream())
                .collect(toSet());
    }

    private DatedTask dated(Person student, SetWork work) {
        var due = work.due().of(student.id());
        return new DatedTask(
                work.id(),
                "Hand in: " + work.title(),
                due.day(),
                due.hour().map(hour -> clock.at(due.day().atTime(hour))),
                mapper.className(student, work.classId()));
    }
}
