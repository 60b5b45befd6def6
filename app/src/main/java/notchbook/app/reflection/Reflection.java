package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Intention;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.Resolve;

/**
 * A week's sheet: the prompts that it answers with an answer for each, own ratings (1 to 4) by topic, and intentions. {@code letGo} is
 * why the week is let go, blank where it is not.
 */
public record Reflection(
        UUID id,
        UUID notebookId,
        LocalDate monday,
        List<Prompt> prompts,
        List<Answer> answers,
        Map<UUID, Integer> ratings,
        Resolve resolve,
        String letGo,
        int version,
        LocalDate writtenOn)
        implements Answering {

    /** Whether the next sheet follows on this one: an intention alone is no evidence, but it was meant. */
    boolean isBegun() {
        return isWritten() || !resolve.isNothing();
    }

    Intention intention() {
        return new Intention(monday, resolve.next());
    }

    boolean saysTheSameAs(Reflection other) {
        return answers.equals(other.answers)
                && ratings.equals(other.ratings)
                && resolve.equals(other.resolve)
                && letGo.equals(other.letGo);
    }
}
