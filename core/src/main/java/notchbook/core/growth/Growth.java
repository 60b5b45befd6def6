package notchbook.core.growth;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.PaperMark;
import notchbook.core.coverage.PointCoverage;
import notchbook.core.coverage.Rating;
import notchbook.core.coverage.Sureness;
import notchbook.core.coverage.TopicCoverage;
import notchbook.core.syllabus.SyllabusNode;

/** What changed from one piece of work to a later one, each figure with its reason (docs/rules.md, Growth). */
public final class Growth {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final CoverageInput input;
    private final List<TopicCoverage> topics;
    private final Latest latest;

    private Growth(CoverageInput input, List<TopicCoverage> topics) {
        this.input = input;
        this.topics = topics;
        this.latest = new Latest(
                input, topics.stream().map(topic -> topic.topic().id()).collect(toSet()));
    }

    /** The growth in some topics; those without a point in force tell nothing. */
    public static Growth in(CoverageInput input, Set<UUID> topics) {
        return new Growth(
                input,
                Coverage.of(input).topics().stream()
                        .filter(topic -> topics.contains(topic.topic().id()))
                        .toList());
    }

    /** The figures that are known on one side at least. */
    public List<Change> between(Piece earlier, Piece later) {
        return Stream.of(
                        pointsOfPiece(earlier, later),
                        pointsCovered(earlier, later),
                        marksCovered(earlier, later),
                        kinds(earlier, later),
                        papers(earlier, later),
                        ratings(earlier, later),
                        ownWords(earlier, later),
                        remarks(earlier, later),
                        afterLesson(earlier, later))
                .filter(Change::isKnown)
                .toList();
    }

    private Change pointsOfPiece(Piece earlier, Piece later) {
        return new Change(
                "points this work is evidence for",
                count(pointsOf(earlier)),
                count(pointsOf(later)),
                Stream.of(earlier, later)
                        .filter(piece -> !pointsOf(piece).isEmpty())
                        .map(piece -> "%s: %s".formatted(day(piece), codes(pointsOf(piece))))
                        .toList());
    }

    private List<SyllabusNode> pointsOf(Piece piece) {
        return input.edition()
                .nodes()
                .filter(node -> node.kind() == SyllabusNode.Kind.POINT)
                .filter(node -> piece.work().notches().contains(node.id()))
                .toList();
    }

    private static Optional<String> count(Collection<?> some) {
        return some.isEmpty() ? Optional.empty() : Optional.of("" + some.size());
    }

    private Change pointsCovered(Piece earlier, Piece later) {
        var all = points().toList();
        return new Change(
                "points of %s covered by then".formatted(name()),
                when(!all.isEmpty(), () -> coveredBy(earlier).size() + " of " + all.size()),
                when(!all.isEmpty(), () -> coveredBy(later).size() + " of " + all.size()),
                all.stream()
                        .filter(point -> point.isCovered() && isBetween(firstDay(point), earlier, later))
                        .map(point -> "%s since %s".formatted(point.point().code(), DAY.format(firstDay(point))))
                        .toList());
    }

    private Change marksCovered(Piece earlier, Piece later) {
        return new Change(
                "of the marks in the exam covered, through %s".formatted(name()),
                when(!topics.isEmpty(), () -> percent(weight(coveredBy(earlier)))),
                when(!topics.isEmpty(), () -> percent(weight(coveredBy(later)))),
                List.of("%s has %s of the marks.".formatted(capital(name()), percent(weight(points().toList())))));
    }

    private Change kinds(Piece earlier, Piece later) {
        return new Change(
                "kinds of evidence by then",
                count(kindsBy(earlier)),
                count(kindsBy(later)),
                List.of("%s: %s".formatted(day(later), kindsBy(later).stream().collect(joining(", ")))));
    }

    private List<String> kindsBy(Piece piece) {
        return topics.stream()
                .flatMap(topic -> topic.evidence().stream())
                .filter(one -> !one.day().isAfter(piece.work().day()))
                .map(Evidence::kind)
                .distinct()
                .sorted()
                .map(kind -> kind.name().toLowerCase(Locale.ROOT))
                .toList();
    }

    private Change papers(Piece earlier, Piece later) {
        return new Change(
                "in the latest papers on %s".formatted(name()),
                latest.share(earlier.work().day()).map(Growth::percent),
                latest.share(later.work().day()).map(Growth::percent),
                input.papers().stream()
                        .filter(paper -> isOf(paper.topic())
                                && !paper.day().isAfter(later.work().day()))
                        .map(this::words)
                        .toList());
    }

    private String words(PaperMark paper) {
        return "%s: %s, %s".formatted(DAY.format(paper.day()), code(paper.topic()), percent(paper.share()));
    }

    private Change ratings(Piece earlier, Piece later) {
        return new Change(
                "how sure I was of %s, of 4".formatted(name()),
                latest.rating(earlier.work().day()).map(Growth::plain),
                latest.rating(later.work().day()).map(Growth::plain),
                Stream.concat(
                                topics.stream()
                                        .map(topic -> ratedUpTo(topic, later))
                                        .flatMap(Optional::stream),
                                Stream.of(earlier, later)
                                        .map(this::againstMarks)
                                        .flatMap(Optional::stream))
                        .toList());
    }

    private Optional<String> ratedUpTo(TopicCoverage topic, Piece piece) {
        var values = input.ratings().stream()
                .filter(rating -> rating.topic().equals(topic.topic().id())
                        && !rating.day().isAfter(piece.work().day()))
                .sorted(comparing(Rating::day))
                .map(rating -> "" + rating.value())
                .toList();
        return values.isEmpty()
                ? Optional.empty()
                : Optional.of("%s: %s".formatted(topic.topic().code(), String.join(", then ", values)));
    }

    private Optional<String> againstMarks(Piece piece) {
        var day = piece.work().day();
        return latest.rating(day)
                .flatMap(rating -> latest.share(day).flatMap(share -> Sureness.of((int) Math.round(rating), share)
                        .map(sureness -> "%s: %s, with %s in papers"
                                .formatted(
                                        day(piece),
                                        sureness == Sureness.OVER_SURE ? "over-sure" : "under-sure",
                                        percent(share)))));
    }

    private static Change ownWords(Piece earlier, Piece later) {
        return new Change(
                "in my own words",
                earlier.ownShare().map(Growth::percent),
                later.ownShare().map(Growth::percent),
                List.of("Five words in a row that the source has too are the source's."));
    }

    private static Change remarks(Piece earlier, Piece later) {
        return new Change("remarks answered", answered(earlier), answered(later), List.of());
    }

    private static Optional<String> answered(Piece piece) {
        return when(piece.remarks() > 0, () -> piece.answered() + " of " + piece.remarks());
    }

    private Change afterLesson(Piece earlier, Piece later) {
        return new Change(
                "after the lesson",
                daysAfter(earlier).map(Growth::days),
                daysAfter(later).map(Growth::days),
                topics.stream()
                        .flatMap(topic -> topic.plan().stream()
                                .map(plan -> "%s: %s".formatted(topic.topic().code(), plan.words())))
                        .toList());
    }

    /** Days since the last week in which one of its topics was taught; 0 within it, empty before any lesson. */
    private Optional<Long> daysAfter(Piece piece) {
        var day = piece.work().day();
        return topics.stream()
                .filter(topic -> topic.evidence().stream()
                        .anyMatch(one -> one.entry().equals(piece.work().entry())))
                .flatMap(topic -> topic.plan().stream())
                .filter(plan -> input.year()
                        .teachingWeek(plan.first())
                        .filter(week -> !week.monday().isAfter(day))
                        .isPresent())
                .flatMap(plan -> input.year().teachingWeek(plan.last()).stream())
                .map(CalendarWeek::sunday)
                .map(end -> Math.max(0, ChronoUnit.DAYS.between(end, day)))
                .min(Long::compare);
    }

    private Stream<PointCoverage> points() {
        return topics.stream().flatMap(topic -> topic.points().stream());
    }

    private List<PointCoverage> coveredBy(Piece piece) {
        return points().filter(point -> point.isCovered()
                        && !firstDay(point).isAfter(piece.work().day()))
                .toList();
    }

    private static LocalDate firstDay(PointCoverage point) {
        return point.evidence().getFirst().day();
    }

    private static boolean isBetween(LocalDate day, Piece earlier, Piece later) {
        return day.isAfter(earlier.work().day()) && !day.isAfter(later.work().day());
    }

    private boolean isOf(UUID topic) {
        return topics.stream().anyMatch(one -> one.topic().id().equals(topic));
    }

    private String code(UUID topic) {
        return input.edition().find(topic).map(SyllabusNode::code).orElse("");
    }

    private String name() {
        return topics.size() == 1 ? topics.getFirst().topic().code() : "these topics";
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static double weight(List<PointCoverage> points) {
        return points.stream().mapToDouble(PointCoverage::weight).sum();
    }

    private static String codes(List<SyllabusNode> points) {
        return points.stream().map(SyllabusNode::code).collect(joining(", "));
    }

    private static String day(Piece piece) {
        return DAY.format(piece.work().day());
    }

    private static String days(long days) {
        return days + (days == 1 ? " day" : " days");
    }

    private static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    /** To one decimal, without it where it is whole. */
    private static String plain(double number) {
        var tenths = Math.round(10 * number);
        return tenths % 10 == 0 ? "" + tenths / 10 : "" + tenths / 10.0;
    }

    private static Optional<String> when(boolean isSo, Supplier<String> words) {
        return isSo ? Optional.of(words.get()) : Optional.empty();
    }
}
