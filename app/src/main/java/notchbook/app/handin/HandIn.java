package notchbook.app.handin;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.seal.SealKeys;
import notchbook.core.handin.HandInState;
import notchbook.core.seal.Manifest;

/** A sealed version of a section with where it stands; {@code missing} counts the checks that it was sent in spite of. */
public record HandIn(
        UUID id,
        UUID setWorkId,
        UUID studentId,
        UUID sectionId,
        String title,
        int version,
        HandInState state,
        int missing,
        Instant sealedAt,
        Manifest manifest,
        String digest,
        Optional<SealKeys.Signature> signature) {
    /** What is said about a version reaches its student when it comes back. */
    boolean showsRemarksTo(Person reader) {
        return !studentId.equals(reader.id()) || state.isReturned();
    }

    boolean isSameWorkAs(HandIn other) {
        return setWorkId.equals(other.setWorkId) && studentId.equals(other.studentId);
    }
}
