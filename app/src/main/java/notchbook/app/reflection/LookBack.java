package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.LookedAt;
import notchbook.core.reflection.Prompt;

/** Looking back on one piece of work; {@code title} is what the piece was called when it was begun. */
public record LookBack(
        UUID id,
        UUID notebookId,
        LookedAt on,
        String title,
        List<Prompt> prompts,
        List<Answer> answers,
        int version,
        LocalDate writtenOn)
        implements Answering {}
