package notchbook.app.handin;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.seal.SealKeys;
import notchbook.app.setwork.SetWork;
import notchbook.core.handin.HandInState;
import notchbook.core.handin.Picked;
import notchbook.core.handin.Purpose;

/**
 * A sealed version of a piece of work with where it stands. {@code workId} is the same for all versions of the work, drafts too;
 * {@code studentId} sent it, {@code with} made it together with them; {@code missing} counts the checks that it was sent in spite
 * of.
 */
public record HandIn(
        UUID id,
        UUID workId,
        Addressed to,
        UUID notebookId,
        Picked picked,
        UUID studentId,
        List<UUID> with,
        String title,
        Purpose purpose,
        int version,
        HandInState state,
        int missing,
        Instant sealedAt,
        Word word,
        String digest,
        Optional<SealKeys.Signature> signature) {

    /** What is said about a version reaches those who made it when it comes back. */
    boolean showsRemarksTo(Person reader) {
        return !isBy(reader.id()) || state.isReturned();
    }

    public boolean isBy(UUID personId) {
        return studentId.equals(personId) || with.contains(personId);
    }

    boolean isSameWorkAs(HandIn other) {
        return workId.equals(other.workId);
    }

    boolean isFor(SetWork setWork) {
        return to.setWorkId().equals(Optional.of(setWork.id()));
    }

    /** Whether it is a version as a teacher counts them; a draft is none. */
    public boolean counts() {
        return purpose == Purpose.HAND_IN;
    }
}
