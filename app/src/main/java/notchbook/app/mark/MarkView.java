package notchbook.app.mark;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.mark.Mark.AnsweringEntry;
import notchbook.core.mark.Mark.AnsweringWords;
import notchbook.core.mark.MarkKind;

/** A mark as screens are sent it, flat; only what belongs to its kind is there. */
record MarkView(
        UUID id,
        UUID entryId,
        MarkKind kind,
        Optional<UUID> own,
        Optional<UUID> passage,
        Instant madeAt,
        boolean isDone,
        Optional<LocalDate> due,
        Optional<UUID> answerEntry,
        Optional<String> answer) {
    static MarkView of(UUID entryId, Mark mark) {
        var answer = mark instanceof Mark.OpenQuestion question ? question.answer() : Optional.<Mark.Answer>empty();
        return new MarkView(
                mark.id(),
                entryId,
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
