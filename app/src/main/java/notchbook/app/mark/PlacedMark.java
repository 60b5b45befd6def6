package notchbook.app.mark;

import static java.time.DayOfWeek.MONDAY;
import static java.time.temporal.TemporalAdjusters.previousOrSame;
import static java.util.stream.Collectors.toSet;

import java.util.List;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.Mark;
import notchbook.core.syllabus.SyllabusNode;

/** A mark with where it stands; {@code words} are those of the marked passage, else the name of what it stands on. */
public record PlacedMark(Where where, String words, List<SyllabusNode> topics, Gathering.Placed placed) {
    public static PlacedMark of(Where where, String words, List<SyllabusNode> topics, Mark mark) {
        return new PlacedMark(
                where,
                words,
                topics,
                new Gathering.Placed(
                        mark,
                        where.on(),
                        topics.stream().map(SyllabusNode::id).collect(toSet()),
                        where.day().with(previousOrSame(MONDAY))));
    }

    public Mark mark() {
        return placed.mark();
    }
}
