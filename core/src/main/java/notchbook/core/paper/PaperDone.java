package notchbook.core.paper;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import notchbook.core.coverage.PaperMark;

/**
 * A paper that was done: when, with what marks of how many, in how many minutes, and the marks by question or topic.
 * The whole paper's marks may be known without the parts, and the parts without the whole.
 */
public record PaperDone(
        LocalDate day,
        OptionalDouble marks,
        OptionalDouble outOf,
        Optional<Integer> minutes,
        List<QuestionMark> parts) {
    public PaperDone {
        parts = List.copyOf(parts);
        if (marks.isPresent() != outOf.isPresent()) {
            throw new IllegalArgumentException("Give the marks of the paper and what they are out of, or neither.");
        }
        if (outOf.isPresent()
                && (!(outOf.getAsDouble() > 0)
                        || !(marks.getAsDouble() >= 0)
                        || marks.getAsDouble() > outOf.getAsDouble())) {
            throw new IllegalArgumentException("The paper has %s marks out of %s, which can't be."
                    .formatted(QuestionMark.plain(marks.getAsDouble()), QuestionMark.plain(outOf.getAsDouble())));
        }
        if (minutes.filter(time -> time < 1 || time > 1_000).isPresent()) {
            throw new IllegalArgumentException("Give the time in minutes, from 1 to 1,000.");
        }
    }

    /** The share of the marks, from 0 to 1: of the whole paper, else of its parts; empty when neither is known. */
    public OptionalDouble share() {
        if (outOf.isPresent()) {
            return OptionalDouble.of(marks.getAsDouble() / outOf.getAsDouble());
        }
        var all = parts.stream().mapToDouble(QuestionMark::outOf).sum();
        return all == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        parts.stream().mapToDouble(QuestionMark::marks).sum() / all);
    }

    /** What was earned on each topic, its questions taken together. */
    public List<PaperMark> byTopic() {
        var sums = new LinkedHashMap<UUID, PaperMark>();
        parts.forEach(part -> sums.merge(
                part.topic(),
                new PaperMark(part.topic(), day, part.marks(), part.outOf()),
                (one, more) ->
                        new PaperMark(one.topic(), day, one.marks() + more.marks(), one.outOf() + more.outOf())));
        return List.copyOf(sums.values());
    }
}
