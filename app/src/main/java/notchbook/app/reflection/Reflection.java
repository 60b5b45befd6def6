package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.core.reflection.Intention;
import notchbook.core.reflection.Resolve;

/** A week's sheet: an answer for each weekly prompt, the work it looks back on, own ratings (1 to 4) by topic, and intentions. */
public record Reflection(
        UUID id,
        UUID notebookId,
        LocalDate monday,
        List<String> answers,
        Set<UUID> choices,
        Map<UUID, Integer> ratings,
        Resolve resolve,
        int version,
        LocalDate writtenOn) {

    public boolean isWritten() {
        return answers.stream().anyMatch(answer -> !answer.isBlank());
    }

    /** Whether the next sheet follows on this one: an intention alone is no evidence, but it was meant. */
    boolean isBegun() {
        return isWritten() || !resolve.isNothing();
    }

    Intention intention() {
        return new Intention(monday, resolve.next());
    }

    boolean saysTheSameAs(Reflection other) {
        return answers.equals(other.answers)
                && choices.equals(other.choices)
                && ratings.equals(other.ratings)
                && resolve.equals(other.resolve);
    }
}
