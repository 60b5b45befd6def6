package notchbook.demo;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.mark.Marks;
import notchbook.app.mark.OwnMark;
import notchbook.app.mark.OwnMarks;
import notchbook.app.people.Person;
import notchbook.core.mark.Mark;
import notchbook.core.mark.MarkShape;
import org.springframework.stereotype.Component;

/** Sets the marks that the demo's texts name. */
@Component
class MarkMaker {
    private final Marks marks;
    private final OwnMarks ownMarks;
    private final DemoClock clock;
    private final Map<UUID, UUID> formulaOf = new HashMap<>();

    MarkMaker(Marks marks, OwnMarks ownMarks, DemoClock clock) {
        this.marks = marks;
        this.ownMarks = ownMarks;
        this.clock = clock;
    }

    /** {@code day} is the page's, from which a task counts its days. */
    void set(Person owner, UUID entry, LocalDate day, Prose.Sign sign) {
        marks.put(owner, entry, mark(owner, day, sign));
    }

    private Mark mark(Person owner, LocalDate day, Prose.Sign sign) {
        var id = UUID.randomUUID();
        var passage = Optional.of(sign.passage());
        var now = clock.instant();
        return switch (sign.sign().charAt(0)) {
            case 'K' -> new Mark.Key(id, passage, now);
            case 'Q' -> new Mark.OpenQuestion(id, passage, now, Optional.empty());
            case 'A' -> new Mark.OpenQuestion(id, passage, now, Optional.of(new Mark.AnsweringWords(sign.answer())));
            case 'F' -> new Mark.Own(id, passage, now, formulaOf.computeIfAbsent(owner.id(), any -> formula(owner)));
            default ->
                new Mark.Task(
                        id,
                        passage,
                        now,
                        false,
                        Optional.of(day.plusDays(Integer.parseInt(sign.sign().substring(2)))));
        };
    }

    private UUID formula(Person owner) {
        var own = new OwnMark(UUID.randomUUID(), "Formula", MarkShape.RING);
        ownMarks.put(owner, own);
        return own.id();
    }
}
