package notchbook.core.growth;

import static java.util.stream.Collectors.joining;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.syllabus.SyllabusNode;

/** What changed from one piece of work or day to a later one, each figure with its reason (docs/rules.md, Growth). */
public final class Growth {
    static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final CoverageInput input;
    private final TopicFigures topics;

    private Growth(CoverageInput input, TopicFigures topics) {
        this.input = input;
        this.topics = topics;
    }

    /** The growth in some topics; those without a point in force tell nothing. */
    public static Growth in(CoverageInput input, Set<UUID> topics) {
        return new Growth(
                input,
                new TopicFigures(
                        input,
                        Coverage.of(input).topics().stream()
                                .filter(topic -> topics.contains(topic.topic().id()))
                                .toList()));
    }

    /** The figures of two pieces that are known on one side at least. */
    public List<Change> between(Piece earlier, Piece later) {
        return Stream.of(
                        Stream.of(pointsOfPieces(earlier, later)),
                        over(earlier.work().day(), later.work().day()).stream(),
                        Stream.of(
                                ownWords(earlier, later),
                                remarks(earlier, later),
                                topics.afterLesson(earlier.work(), later.work())))
                .flatMap(some -> some)
                .filter(Change::isKnown)
                .toList();
    }

    /** The figures of the topics on two days. */
    public List<Change> over(LocalDate from, LocalDate to) {
        return topics.between(from, to);
    }

    private Change pointsOfPieces(Piece earlier, Piece later) {
        return new Change(
                "points this work is evidence for",
                count(pointsOf(earlier)),
                count(pointsOf(later)),
                Stream.of(earlier, later)
                        .filter(piece -> !pointsOf(piece).isEmpty())
                        .map(piece -> "%s: %s".formatted(DAY.format(piece.work().day()), codes(pointsOf(piece))))
                        .toList());
    }

    private List<SyllabusNode> pointsOf(Piece piece) {
        return input.edition()
                .nodes()
                .filter(node -> node.kind() == SyllabusNode.Kind.POINT)
                .filter(node -> piece.work().notches().contains(node.id()))
                .toList();
    }

    private static String codes(List<SyllabusNode> points) {
        return points.stream().map(SyllabusNode::code).collect(joining(", "));
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
        return piece.remarks() == 0 ? Optional.empty() : Optional.of(piece.answered() + " of " + piece.remarks());
    }

    static Optional<String> count(Collection<?> some) {
        return some.isEmpty() ? Optional.empty() : Optional.of("" + some.size());
    }

    static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    /** To one decimal, without it where it is whole. */
    static String plain(double number) {
        var tenths = Math.round(10 * number);
        return tenths % 10 == 0 ? "" + tenths / 10 : "" + tenths / 10.0;
    }
}
