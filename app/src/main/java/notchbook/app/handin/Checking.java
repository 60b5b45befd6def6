package notchbook.app.handin;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.remark.Remarks;
import notchbook.core.handin.HandInState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A teacher's side: opening what was handed in, making remarks, checking it or sending it back. */
@Service
public class Checking {
    private final HandInStore store;
    private final Remarks remarks;
    private final SealedVersions versions;
    private final SetWorks setWorks;
    private final SchoolClock clock;

    Checking(HandInStore store, Remarks remarks, SealedVersions versions, SetWorks setWorks, SchoolClock clock) {
        this.store = store;
        this.remarks = remarks;
        this.versions = versions;
        this.setWorks = setWorks;
        this.clock = clock;
    }

    /** A version that was handed in to a class that the reader teaches. */
    HandIn require(Person reader, UUID id) {
        var handIn = store.find(id).orElseThrow(() -> Refusal.notFound("hand-in"));
        setWorks.requireTaught(reader, handIn.setWorkId());
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
        require(reader, id);
        return store.lock(id);
    }

    @Transactional
    public void markChecked(Person reader, UUID id) {
        var handIn = require(reader, id);
        move(handIn, handIn.state().checked());
    }

    @Transactional
    public void sendBack(Person reader, UUID id) {
        var handIn = require(reader, id);
        move(handIn, handIn.state().sentBack());
    }

    private void move(HandIn handIn, Optional<HandInState> to) {
        var isMoved = to.filter(state -> store.move(handIn, state, clock.now())).isPresent();
        if (!isMoved) {
            throw Refusal.notNow("This version is no longer open. Load the page again to see where it stands.");
        }
    }
}
