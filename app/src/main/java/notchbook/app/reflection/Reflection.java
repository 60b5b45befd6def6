package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** A week's sheet: an answer for each weekly prompt, the work it looks back on, and own ratings (1 to 4) by topic. */
public record Reflection(
        UUID id,
        UUID notebookId,
        LocalDate monday,
        List<String> answers,
        Set<UUID> choices,
        Map<UUID, Integer> ratings,
        int version,
        LocalDate writtenOn) {

    public boolean isWritten() {
        return answers.stream().anyMatch(answer -> !answer.isBlank());
    }

    boolean saysTheSameAs(Reflection other) {
        return answers.equals(other.answers) && choices.equals(other.choices) && ratings.equals(other.ratings);
    }
}
