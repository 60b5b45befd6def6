package notchbook.app.announcement;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.setwork.PassesOn;
import notchbook.app.setwork.SetWork;
import org.springframework.stereotype.Component;

/** Words about set work to some of those of whom it is asked: they stand in their week like all others. */
@Component
class WordsAboutWork implements PassesOn {
    private final AnnouncementStore store;
    private final SchoolClock clock;

    WordsAboutWork(AnnouncementStore store, SchoolClock clock) {
        this.store = store;
        this.clock = clock;
    }

    @Override
    public void say(Person teacher, SetWork about, String words, Set<UUID> students) {
        try {
            store.insert(new Announcement(
                    clock.newId(),
                    about.classId(),
                    teacher.id(),
                    words,
                    Optional.of(about.id()),
                    Optional.of(students),
                    clock.now()));
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit(unfit.getMessage());
        }
    }
}
