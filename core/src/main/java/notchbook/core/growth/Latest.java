package notchbook.core.growth;

import static java.util.Comparator.comparing;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.PaperMark;
import notchbook.core.coverage.Rating;

/** What the latest papers and own ratings said about some topics, by a day. */
final class Latest {
    private final List<PaperMark> papers;
    private final List<Rating> ratings;

    Latest(CoverageInput input, Set<UUID> topics) {
        papers = input.papers().stream()
                .filter(paper -> topics.contains(paper.topic()))
                .sorted(comparing(PaperMark::day))
                .toList();
        ratings = input.ratings().stream()
                .filter(rating -> topics.contains(rating.topic()))
                .sorted(comparing(Rating::day))
                .toList();
    }

    /** The share of the marks in the latest paper on each topic, taken together; empty before the first. */
    Optional<Double> share(LocalDate day) {
        var marks = latest(papers, PaperMark::topic, PaperMark::day, day);
        return marks.isEmpty()
                ? Optional.empty()
                : Optional.of(sum(marks, PaperMark::marks) / sum(marks, PaperMark::outOf));
    }

    /** The mean of the latest rating of each topic, from 1 to 4; empty before the first. */
    Optional<Double> rating(LocalDate day) {
        var values = latest(ratings, Rating::topic, Rating::day, day);
        return values.isEmpty()
                ? Optional.empty()
                : Optional.of(sum(values, rating -> (double) rating.value()) / values.size());
    }

    /** The papers up to a day, in order. */
    Stream<PaperMark> papersBy(LocalDate day) {
        return papers.stream().filter(paper -> !paper.day().isAfter(day));
    }

    private static <T> Collection<T> latest(
            List<T> inOrder, Function<T, UUID> topicOf, Function<T, LocalDate> dayOf, LocalDate day) {
        Map<UUID, T> latest = new HashMap<>();
        inOrder.stream()
                .takeWhile(one -> !dayOf.apply(one).isAfter(day))
                .forEach(one -> latest.put(topicOf.apply(one), one));
        return latest.values();
    }

    private static <T> double sum(Collection<T> all, Function<T, Double> number) {
        return all.stream().mapToDouble(number::apply).sum();
    }
}
