package notchbook.app.handin;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.handin.HandInState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A teacher's side: opening what was handed in, making remarks, checking it or sending it back. */
@Service
public class Checking {
    private static final int LONGEST_REMARK = 2_000;

    private final HandInStore store;
    private final RemarkStore remarks;
    private final SealedVersions versions;
    private final SetWorks setWorks;
    private final SchoolClock clock;

    Checking(HandInStore store, RemarkStore remarks, SealedVersions versions, SetWorks setWorks, SchoolClock clock) {
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

    /** Puts a remark on an entry of a version that is being read; putting it again changes nothing. */
    @Transactional
    public void remark(Person reader, UUID handInId, UUID remarkId, UUID entryId, String words) {
        var handIn = requireBeingRead(reader, handInId);
        if (words.isBlank() || words.length() > LONGEST_REMARK) {
            throw Refusal.unfit("A remark has up to 2,000 characters.");
        }
        var page = versions.read(handIn).pages().stream()
                .filter(found ->
                        found.entries().stream().anyMatch(entry -> entry.id().equals(entryId)))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("entry"));
        var there = remarks.on(List.of(handInId));
        if (there.stream().noneMatch(found -> found.id().equals(remarkId))) {
            var number = there.isEmpty() ? 1 : there.getLast().number() + 1;
            remarks.insert(new Remark(
                    remarkId, handInId, page.id(), entryId, number, reader.id(), words.strip(), clock.now()));
        }
    }

    @Transactional
    public void withdraw(Person reader, UUID handInId, UUID remarkId) {
        requireBeingRead(reader, handInId);
        remarks.delete(handInId, remarkId);
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

    private HandIn requireBeingRead(Person reader, UUID id) {
        var handIn = require(reader, id);
        if (!handIn.state().takesRemarks()) {
            throw Refusal.notNow("This version is not open for remarks. Open it first, or wait for the next version.");
        }
        return handIn;
    }

    private void move(HandIn handIn, Optional<HandInState> to) {
        var isMoved = to.filter(state -> store.move(handIn, state, clock.now())).isPresent();
        if (!isMoved) {
            throw Refusal.notNow("This version is no longer open. Load the page again to see where it stands.");
        }
    }
}
