package notchbook.app.handin;

import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.remark.Remarks;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorks;
import notchbook.core.handin.HandInState;
import notchbook.core.setwork.Criteria;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A teacher's side: opening what was handed in, making remarks, checking it or sending it back. */
@Service
public class Checking {
    private final HandInStore store;
    private final Remarks remarks;
    private final SealedVersions versions;
    private final People people;
    private final SetWorks setWorks;
    private final LevelStore levels;
    private final SchoolClock clock;

    Checking(
            HandInStore store,
            Remarks remarks,
            SealedVersions versions,
            People people,
            SetWorks setWorks,
            LevelStore levels,
            SchoolClock clock) {
        this.setWorks = setWorks;
        this.levels = levels;
        this.store = store;
        this.remarks = remarks;
        this.versions = versions;
        this.people = people;
        this.clock = clock;
    }

    /** A version that was handed in to a class that the reader teaches. */
    HandIn require(Person reader, UUID id) {
        var handIn = store.find(id).orElseThrow(() -> Refusal.notFound("hand-in"));
        people.requireTaught(reader, handIn.to().classId());
        return handIn;
    }

    /** Opens a version for reading; from then on the student can't take it back. */
    @Transactional
    public void open(Person reader, UUID id) {
        var handIn = require(reader, id);
        if (handIn.state() == HandInState.WAITING) {
            move(handIn, handIn.state().opened());
        }
    }

    /** Puts a remark on a version that was opened; putting it again changes nothing. */
    @Transactional
    public void remark(Person reader, Remarks.Wish wish) {
        var handIn = lock(reader, wish.handInId());
        if (!handIn.state().takesRemarks()) {
            throw Refusal.notNow("Open this version first; then it can be remarked on.");
        }
        remarks.put(reader, wish, wish.anchor().on().map(entry -> versions.read(handIn)
                .pageOf(entry)));
    }

    /** Takes back what was said, while the student has not seen it. */
    @Transactional
    public void withdraw(Person reader, UUID handInId, UUID remarkId) {
        if (lock(reader, handInId).state().isReturned()) {
            throw Refusal.notNow("The student has it already. Say what you think now in another remark.");
        }
        remarks.withdraw(handInId, remarkId);
    }

    /** Two teachers who say something at once do it one after the other. */
    private HandIn lock(Person reader, UUID id) {
        // The lock comes before anything is read: what is read then is as the one before left it.
        var handIn = store.lock(id);
        people.requireTaught(reader, handIn.to().classId());
        return handIn;
    }

    @Transactional
    public void markChecked(Person reader, UUID id) {
        var handIn = require(reader, id);
        if (!handIn.counts()) {
            throw Refusal.notNow("A draft is looked at and sent back. What is handed in is checked.");
        }
        move(handIn, handIn.state().checked());
    }

    @Transactional
    public void sendBack(Person reader, UUID id) {
        var handIn = require(reader, id);
        move(handIn, handIn.state().sentBack());
    }

    /** Sends back what was chosen of a set work's versions: all of them, or none when one is no longer open. */
    @Transactional
    public void sendBack(Person reader, SetWork work, Collection<UUID> ids) {
        ids.forEach(id -> {
            if (!require(reader, id).isFor(work)) {
                throw Refusal.notFound("hand-in");
            }
            open(reader, id);
            sendBack(reader, id);
        });
    }

    /** Judges a version by one criterion of its set work; no level takes the judgement back. */
    @Transactional
    public void judge(Person reader, UUID id, int criterion, Optional<Integer> level) {
        var handIn = lock(reader, id);
        var criteria = handIn.to()
                .setWorkId()
                .flatMap(setWorks::find)
                .map(SetWork::criteria)
                .orElse(Criteria.NONE);
        if (!criteria.hasLevel(criterion, level.orElse(0))) {
            throw Refusal.notFound("level");
        }
        if (handIn.state() == HandInState.WAITING) {
            throw Refusal.notNow("Open this version first; then it can be judged.");
        }
        levels.put(id, criterion, level);
    }

    private void move(HandIn handIn, Optional<HandInState> to) {
        var isMoved = to.filter(state -> store.move(handIn, state, clock.now())).isPresent();
        if (!isMoved) {
            throw Refusal.notNow("This version is no longer open. Load the page again to see where it stands.");
        }
    }
}
