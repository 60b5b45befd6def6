package notchbook.app.mark;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.mark.Mark.AnsweringEntry;
import notchbook.core.mark.Mark.AnsweringWords;
import notchbook.core.mark.MarkKind;

/** A mark on an entry or a thing as screens are sent it, flat; only what belongs to its kind is there. */
public record MarkView(
        UUID id,
        UUID on,
        MarkKind kind,
        Optional<UUID> own,
        Optional<UUID> passage,
        Instant madeAt,
        boolean isDone,
        Optional<LocalDate> due,
        Optional<UUID> answerEntry,
        Optional<String> answer) {
    public static MarkView of(UUID on, Mark mark) {
        var answer = mark instanceof Mark.OpenQuestion question ? question.answer() : Optional.<Mark.Answer>empty();
        return new MarkView(
                mark.id(),
                on,
                MarkKind.of(mark),
                mark instanceof Mark.Own own ? Optional.of(own.kind()) : Optional.empty(),
                mark.passage(),
                mark.madeAt(),
                mark instanceof Mark.Task task && task.isDone(),
                mark instanceof Mark.Task task ? task.due() : Optional.empty(),
                answer.filter(AnsweringEntry.class::isInstance).map(entry -> ((AnsweringEntry) entry).entry()),
                answer.filter(AnsweringWords.class::isInstance).map(words -> ((AnsweringWords) words).words()));
    }
}
