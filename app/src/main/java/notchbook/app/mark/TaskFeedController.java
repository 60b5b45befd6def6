package notchbook.app.mark;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Secret;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.Mark;
import notchbook.core.mark.MarkKind;
import notchbook.core.seal.Sha256;
import notchbook.formats.calendar.TaskCalendar;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Dated tasks and what is due, for a calendar program, at an address that nobody can guess and its owner can stop. */
@RestController
class TaskFeedController {
    private static final int SECRET_BYTES = 32;

    private final TaskFeedStore store;
    private final Marks marks;
    private final List<DatedFor> others;
    private final People people;
    private final SchoolClock clock;

    TaskFeedController(TaskFeedStore store, Marks marks, List<DatedFor> others, People people, SchoolClock clock) {
        this.store = store;
        this.marks = marks;
        this.others = others;
        this.people = people;
        this.clock = clock;
    }

    record FeedView(Optional<Instant> madeAt) {}

    /** The path of the feed, said once. */
    record NewFeedView(String path) {}

    @GetMapping("/api/task-feed")
    FeedView feed(@AuthenticationPrincipal Person reader) {
        return new FeedView(store.madeAt(reader.id()));
    }

    @PostMapping("/api/task-feed")
    @Transactional
    NewFeedView make(@AuthenticationPrincipal Person reader) {
        reader.requireStudent();
        var secret = Secret.ofBytes(SECRET_BYTES);
        store.put(reader.id(), Sha256.hex(secret), clock.now());
        return new NewFeedView("/api/task-feed/" + secret + ".ics");
    }

    @DeleteMapping("/api/task-feed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@AuthenticationPrincipal Person reader) {
        store.delete(reader.id());
    }

    @GetMapping(value = "/api/task-feed/{secret}.ics", produces = "text/calendar;charset=UTF-8")
    String calendar(@PathVariable String secret) {
        var person = store.personOf(Sha256.hex(secret))
                .flatMap(people::find)
                .orElseThrow(() -> Refusal.notFound("calendar"));
        var tasks = marks.gathered(person, Optional.empty(), Gathering.Wish.all(MarkKind.TASK)).stream()
                .filter(one -> one.mark().isOpen())
                .flatMap(one -> dated(one).stream());
        var others = this.others.stream().flatMap(one -> one.of(person).stream());
        return TaskCalendar.write(Stream.concat(tasks, others).toList(), clock.now());
    }

    private static Optional<TaskCalendar.DatedTask> dated(PlacedMark one) {
        var task = (Mark.Task) one.mark();
        return task.due()
                .map(due -> new TaskCalendar.DatedTask(
                        task.id(),
                        one.words(),
                        due,
                        Optional.empty(),
                        switch (one.where()) {
                            case Where.OnPage at -> at.notebook().title() + ", " + at.name();
                            case Where.OnThing at -> at.name();
                        }));
    }
}
