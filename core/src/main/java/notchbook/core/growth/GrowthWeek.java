package notchbook.core.growth;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.TopicCoverage;

/**
 * Where some topics stood at the end of a teaching week: the mean of the latest own ratings (1 to 4), the marks in the latest papers and
 * the marks covered (shares from 0 to 1, of all that these topics have), and the sheets written so far with the share of this year's
 * teaching weeks that have one. What had no data yet is empty.
 */
public record GrowthWeek(
        int number,
        Optional<Double> rating,
        Optional<Double> paper,
        Optional<Double> covered,
        int sheets,
        double written) {

    /** The teaching weeks that have begun, in order; {@code sheets} are the Mondays of written ones. */
    public static List<GrowthWeek> of(CoverageInput input, Set<UUID> topics, List<LocalDate> sheets) {
        var chosen = Coverage.of(input).topics().stream()
                .filter(topic -> topics.contains(topic.topic().id()))
                .toList();
        var latest = new Latest(input, topics);
        var weeks = input.year().teachingWeeksBegunBy(input.today()).reversed();
        return IntStream.rangeClosed(1, weeks.size())
                .mapToObj(begun -> of(weeks.subList(0, begun), chosen, latest, sheets))
                .toList();
    }

    private static GrowthWeek of(
            List<CalendarWeek> begun, List<TopicCoverage> topics, Latest latest, List<LocalDate> sheets) {
        var week = begun.getLast();
        return new GrowthWeek(
                week.number().getAsInt(),
                latest.rating(week.sunday()),
                latest.share(week.sunday()),
                covered(topics, week.sunday()),
                (int) sheets.stream()
                        .filter(monday -> !monday.isAfter(week.monday()))
                        .count(),
                (double) begun.stream()
                                .filter(one -> sheets.contains(one.monday()))
                                .count()
                        / begun.size());
    }

    private static Optional<Double> covered(List<TopicCoverage> topics, LocalDate day) {
        var all = topics.stream().mapToDouble(TopicCoverage::weight).sum();
        return all == 0
                ? Optional.empty()
                : Optional.of(topics.stream()
                                .flatMap(topic -> topic.points().stream())
                                .filter(point -> point.isCovered()
                                        && !point.evidence().getFirst().day().isAfter(day))
                                .mapToDouble(point -> point.weight())
                                .sum()
                        / all);
    }
}
