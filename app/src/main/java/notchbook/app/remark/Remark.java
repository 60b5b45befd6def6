package notchbook.app.remark;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.remark.Anchor;
import notchbook.core.remark.Saying;

/**
 * What a teacher said about a version, numbered from 1 in the order in which it was said. The page is the one that what it is
 * about lay on; {@code goesBackTo} is a remark on an earlier version.
 */
public record Remark(
        UUID id,
        UUID handInId,
        Optional<UUID> pageId,
        Anchor anchor,
        int number,
        UUID authorId,
        Saying saying,
        Optional<UUID> goesBackTo,
        Instant at,
        Optional<String> answer) {

    /** Whether it says no more than that the teacher agrees. */
    public boolean isAgreement() {
        return saying.sign().equals(Optional.of(Saying.Sign.AGREE));
    }
}
