package notchbook.core.handin;

import java.util.Optional;

/** Where a version stands between student and teacher. Each transition is empty when it is not allowed from here. */
public enum HandInState {
    WAITING,
    BEING_READ,
    SENT_BACK,
    CHECKED;

    /** The teacher opens a version; opening it again changes nothing. */
    public Optional<HandInState> opened() {
        return Optional.of(this == WAITING ? BEING_READ : this);
    }

    public Optional<HandInState> sentBack() {
        return this == BEING_READ ? Optional.of(SENT_BACK) : Optional.empty();
    }

    public Optional<HandInState> checked() {
        return this == BEING_READ ? Optional.of(CHECKED) : Optional.empty();
    }

    /** The student can take a version back until the teacher has opened it. */
    public boolean canBeTakenBack() {
        return this == WAITING;
    }

    /** Remarks can be made once the version was opened, and later too: one that was made without a network comes late. */
    public boolean takesRemarks() {
        return this != WAITING;
    }

    /** Whether the student has it back: a next version may be handed in, and what the teacher said is read. */
    public boolean isReturned() {
        return this == SENT_BACK || this == CHECKED;
    }
}
