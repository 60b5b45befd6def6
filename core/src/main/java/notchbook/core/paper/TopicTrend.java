package notchbook.core.paper;

import static java.util.stream.Collectors.groupingBy;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.coverage.PaperMark;

/** How a topic does from paper to paper, in order of days. */
public record TopicTrend(UUID topic, List<Mark> marks) {
    /** Less than this between two papers is chance. In shares. */
    private static final double NOTICEABLE = 0.1;

    /** The share of a topic's marks in one paper, from 0 to 1. */
    public record Mark(LocalDate day, double share) {}

    public enum Direction {
        UP,
        DOWN,
        LEVEL,
        ONE_PAPER
    }

    /** The trend of each topic that any paper has marks for. */
    public static List<TopicTrend> of(List<PastPaper> papers) {
        Map<UUID, List<PaperMark>> byTopic = papers.stream()
                .flatMap(paper -> paper.done().stream())
                .flatMap(done -> done.byTopic().stream())
                .sorted(Comparator.comparing(PaperMark::day))
                .collect(groupingBy(PaperMark::topic, LinkedHashMap::new, Collectors.toList()));
        return byTopic.entrySet().stream()
                .map(topic -> new TopicTrend(
                        topic.getKey(),
                        topic.getValue().stream()
                                .map(mark -> new Mark(mark.day(), mark.share()))
                                .toList()))
                .toList();
    }

    /** Where it goes: the last paper set against the mean of those before. */
    public Direction direction() {
        if (marks.size() < 2) {
            return Direction.ONE_PAPER;
        }
        var before = marks.subList(0, marks.size() - 1).stream()
                .mapToDouble(Mark::share)
                .average()
                .orElseThrow();
        var change = marks.getLast().share() - before;
        if (Math.abs(change) < NOTICEABLE) {
            return Direction.LEVEL;
        }
        return change > 0 ? Direction.UP : Direction.DOWN;
    }
}
