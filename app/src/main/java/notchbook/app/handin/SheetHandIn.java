package notchbook.app.handin;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Job;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.Reflections;
import notchbook.app.reflection.SheetKept;
import notchbook.core.handin.Picked;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Hands a weekly sheet in when its week is over, where the class's rule says that sheets are read; one that its student handed in
 * stays with what they said.
 */
@Component
class SheetHandIn implements Job {
    private static final String NAME = "sheet-hand-in";
    private static final int WEEK = 7;

    private final HandIns handIns;
    private final Reflections reflections;
    private final People people;
    private final Jobs jobs;
    private final SchoolClock clock;

    SheetHandIn(HandIns handIns, Reflections reflections, People people, Jobs jobs, SchoolClock clock) {
        this.handIns = handIns;
        this.reflections = reflections;
        this.people = people;
        this.jobs = jobs;
        this.clock = clock;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public boolean canWait() {
        return true;
    }

    /** A sheet that is written later goes the night after, so that it can be finished. */
    @EventListener
    void kept(SheetKept event) {
        if (event.isRead()) {
            var week = event.sheet().monday().plusDays(WEEK);
            var tomorrow = clock.today().plusDays(1);
            var night = week.isAfter(tomorrow) ? week : tomorrow;
            jobs.wantAt(NAME, event.sheet().id(), clock.at(night.atStartOfDay()));
        }
    }

    @Override
    public void run(UUID sheetId) {
        reflections.toRead(sheetId).ifPresent(kept -> {
            var picked = new Picked.OfSheet(kept.notebook().id(), kept.sheet().monday());
            people.find(kept.notebook().ownerId())
                    .filter(student -> !isHandedIn(student, picked))
                    .ifPresent(student -> handIns.seal(student, wish(sheetId, picked)));
        });
    }

    private boolean isHandedIn(Person student, Picked picked) {
        return handIns.by(student).stream()
                .anyMatch(handIn -> handIn.counts() && handIn.picked().isSameWorkAs(picked));
    }

    private static HandIns.Wish wish(UUID sheetId, Picked picked) {
        var id = UUID.nameUUIDFromBytes(("sheet " + sheetId).getBytes(StandardCharsets.UTF_8));
        return new HandIns.Wish(id, picked, new HandIns.Aim(Optional.empty(), true), HandIns.Manner.PLAIN);
    }
}
