package notchbook.app.mark;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.core.mark.Mark;
import notchbook.core.mark.Mark.Answer;
import notchbook.core.mark.Mark.AnsweringEntry;
import notchbook.core.mark.Mark.AnsweringWords;
import notchbook.core.mark.MarkKind;

/** A mark as a device sends it: what belongs to its kind counts, the rest is left out. */
public record MarkBody(
        MarkKind kind,
        Optional<UUID> own,
        Optional<UUID> passage,
        Optional<Instant> madeAt,
        Optional<Boolean> isDone,
        Optional<LocalDate> due,
        Optional<UUID> answerEntry,
        Optional<String> answer) {
    public Mark mark(UUID id, Instant now) {
        var made = madeAt.filter(at -> at.isBefore(now)).orElse(now);
        return switch (kind) {
            case KEY -> new Mark.Key(id, passage, made);
            case QUESTION ->
                new Mark.OpenQuestion(
                        id,
                        passage,
                        made,
                        answerEntry.<Answer>map(AnsweringEntry::new).or(() -> answer.map(AnsweringWords::new)));
            case TASK -> new Mark.Task(id, passage, made, isDone.orElse(false), due);
            case OWN -> new Mark.Own(id, passage, made, own.orElseThrow(() -> Refusal.notFound("mark")));
        };
    }
}
