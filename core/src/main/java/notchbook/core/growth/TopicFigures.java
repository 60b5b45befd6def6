package notchbook.core.growth;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.PaperMark;
import notchbook.core.coverage.PointCoverage;
import notchbook.core.coverage.Rating;
import notchbook.core.coverage.Sureness;
import notchbook.core.coverage.TopicCoverage;
import notchbook.core.syllabus.SyllabusNode;

/** The figures of some topics by a day, each on two days beside each other. */
final class TopicFigures {
    private final CoverageInput input;
    private final List<TopicCoverage> topics;
    private final Latest latest;

    TopicFigures(CoverageInput input, List<TopicCoverage> topics) {
        this.input = input;
        this.topics = topics;
        this.latest = new Latest(
                input, topics.stream().map(topic -> topic.topic().id()).collect(toSet()));
    }

    List<Change> between(LocalDate from, LocalDate to) {
        return Stream.of(
                        pointsCovered(from, to),
                        marksCovered(from, to),
                        kinds(from, to),
                        papers(from, to),
                        ratings(from, to))
                .filter(Change::isKnown)
                .toList();
    }

    private Change pointsCovered(LocalDate from, LocalDate to) {
        return new Change(
                "points of %s covered".formatted(name()),
                known(from, day -> coveredBy(day).size() + " of " + points().count()),
                known(to, day -> coveredBy(day).size() + " of " + points().count()),
                // Of a whole subject they would be a list that nobody reads.
                hasAll()
                        ? List.of()
                        : points().filter(PointCoverage::isCovered)
                                .filter(point -> firstDay(point).isAfter(from)
                                        && !firstDay(point).isAfter(to))
                                .map(point -> point.point().code() + " since " + Growth.DAY.format(firstDay(point)))
                                .toList());
    }

    private Change marksCovered(LocalDate from, LocalDate to) {
        return new Change(
                hasAll() ? "of the marks in the exam covered" : "of the marks in the exam covered, through " + name(),
                known(from, day -> Growth.percent(weight(coveredBy(day)))),
                known(to, day -> Growth.percent(weight(coveredBy(day)))),
                hasAll()
                        ? List.of("A point is covered when something is notched to it.")
                        : List.of("%s %s %s of the marks."
                                .formatted(
                                        capital(name()),
                                        topics.size() == 1 ? "has" : "have",
                                        Growth.percent(weight(points().toList())))));
    }

    private Change kinds(LocalDate from, LocalDate to) {
        return new Change(
                "kinds of evidence",
                Growth.count(kindsBy(from)),
                Growth.count(kindsBy(to)),
                List.of("%s: %s".formatted(Growth.DAY.format(to), String.join(", ", kindsBy(to)))));
    }

    private List<String> kindsBy(LocalDate day) {
        return topics.stream()
                .flatMap(topic -> topic.evidence().stream())
                .filter(one -> !one.day().isAfter(day))
                .map(Evidence::kind)
                .distinct()
                .sorted()
                .map(kind -> kind.name().toLowerCase(Locale.ROOT))
                .toList();
    }

    private Change papers(LocalDate from, LocalDate to) {
        return new Change(
                "in the latest papers on %s".formatted(name()),
                latest.share(from).map(Growth::percent),
                latest.share(to).map(Growth::percent),
                hasAll() ? List.of() : latest.papersBy(to).map(this::words).toList());
    }

    private String words(PaperMark paper) {
        return "%s: %s, %s"
                .formatted(Growth.DAY.format(paper.day()), code(paper.topic()), Growth.percent(paper.share()));
    }

    private Change ratings(LocalDate from, LocalDate to) {
        return new Change(
                "how sure I was of %s, of 4".formatted(name()),
                latest.rating(from).map(Growth::plain),
                latest.rating(to).map(Growth::plain),
                hasAll()
                        ? List.of()
                        : Stream.concat(
                                        topics.stream()
                                                .map(topic -> ratedUpTo(topic, to))
                                                .flatMap(Optional::stream),
                                        Stream.of(from, to)
                                                .map(this::againstMarks)
                                                .flatMap(Optional::stream))
                                .toList());
    }

    private Optional<String> ratedUpTo(TopicCoverage topic, LocalDate day) {
        var values = input.ratings().stream()
                .filter(rating -> rating.topic().equals(topic.topic().id())
                        && !rating.day().isAfter(day))
                .sorted(comparing(Rating::day))
                .map(rating -> "" + rating.value())
                .toList();
        return values.isEmpty()
                ? Optional.empty()
                : Optional.of(topic.topic().code() + ": " + String.join(", then ", values));
    }

    private Optional<String> againstMarks(LocalDate day) {
        return latest.rating(day)
                .flatMap(rating -> latest.share(day).flatMap(share -> Sureness.of((int) Math.round(rating), share)
                        .map(sureness -> "%s: %s, with %s in papers"
                                .formatted(
                                        Growth.DAY.format(day),
                                        sureness == Sureness.OVER_SURE ? "over-sure" : "under-sure",
                                        Growth.percent(share)))));
    }

    /** Since the last week in which a topic of this piece was taught; 0 days within it, nothing before any lesson. */
    Change afterLesson(Evidence earlier, Evidence later) {
        return new Change(
                "after the lesson",
                daysAfter(earlier).map(TopicFigures::days),
                daysAfter(later).map(TopicFigures::days),
                topics.stream()
                        .flatMap(topic ->
                                topic.plan().stream().map(plan -> topic.topic().code() + ": " + plan.words()))
                        .toList());
    }

    private Optional<Long> daysAfter(Evidence piece) {
        return topics.stream()
                .filter(topic ->
                        topic.evidence().stream().anyMatch(one -> one.entry().equals(piece.entry())))
                .flatMap(topic -> topic.plan().stream())
                .filter(plan -> input.year()
                        .teachingWeek(plan.first())
                        .filter(week -> !week.monday().isAfter(piece.day()))
                        .isPresent())
                .flatMap(plan -> input.year().teachingWeek(plan.last()).stream())
                .map(CalendarWeek::sunday)
                .map(end -> Math.max(0, ChronoUnit.DAYS.between(end, piece.day())))
                .min(Long::compare);
    }

    private Stream<PointCoverage> points() {
        return topics.stream().flatMap(topic -> topic.points().stream());
    }

    private List<PointCoverage> coveredBy(LocalDate day) {
        return points().filter(point -> point.isCovered() && !firstDay(point).isAfter(day))
                .toList();
    }

    private static LocalDate firstDay(PointCoverage point) {
        return point.evidence().getFirst().day();
    }

    private boolean hasAll() {
        return topics.size() > 1 && input.edition().topics().count() == topics.size();
    }

    private String code(UUID topic) {
        return input.edition().find(topic).map(SyllabusNode::code).orElse("");
    }

    private String name() {
        if (topics.size() == 1) {
            return topics.getFirst().topic().code();
        }
        return hasAll() ? "the subject" : "these topics";
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static double weight(List<PointCoverage> points) {
        return points.stream().mapToDouble(PointCoverage::weight).sum();
    }

    private static String days(long days) {
        return days + (days == 1 ? " day" : " days");
    }

    private Optional<String> known(LocalDate day, Function<LocalDate, String> words) {
        return topics.isEmpty() ? Optional.empty() : Optional.of(words.apply(day));
    }
}
