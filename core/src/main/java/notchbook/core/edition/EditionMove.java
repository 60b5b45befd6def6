package notchbook.core.edition;

import static java.util.function.Predicate.not;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.LookedAgain;
import notchbook.core.coverage.PaperMark;
import notchbook.core.coverage.Rating;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusNode.Origin;

/**
 * A notebook's way from one edition to another (docs/rules.md, New edition): {@code lines} are the lines that go on, with what
 * they are there. What is keyed to them goes along; what is keyed to others stays and stops counting. Own points follow
 * their topic.
 */
public record EditionMove(Edition from, Edition to, Map<UUID, UUID> lines, List<NodeChange> changes) {

    /** The way from one edition to another, each with the points that the student added to it. */
    public static EditionMove of(Edition from, Edition to) {
        var comparison = EditionComparison.of(withoutOwn(from), withoutOwn(to));
        var lines = comparison.carried();
        var own = from.nodes()
                .filter(EditionMove::isOwn)
                .flatMap(point -> point.parent().map(lines::get).map(point::under).stream());
        return new EditionMove(from, new Edition(Stream.concat(to.nodes(), own).toList()), lines, comparison.changes());
    }

    /** The same way back. */
    public EditionMove back() {
        return new EditionMove(
                to, from, lines.entrySet().stream().collect(toMap(Map.Entry::getValue, Map.Entry::getKey)), List.of());
    }

    /** What coverage is worked out from once the notebook is there. */
    public CoverageInput carry(CoverageInput input) {
        return new CoverageInput(
                to,
                input.exam(),
                input.examDay(),
                input.year(),
                input.today(),
                input.plan().entrySet().stream().collect(toMap(plan -> now(plan.getKey()), Map.Entry::getValue)),
                input.evidence().stream().map(this::carry).toList(),
                input.papers().stream()
                        .map(paper -> new PaperMark(now(paper.topic()), paper.day(), paper.marks(), paper.outOf()))
                        .toList(),
                input.ratings().stream()
                        .map(rating -> new Rating(now(rating.topic()), rating.day(), rating.value()))
                        .toList(),
                input.looks().stream()
                        .map(look -> new LookedAgain(now(look.topic()), look.day()))
                        .toList());
    }

    private Evidence carry(Evidence evidence) {
        return new Evidence(
                evidence.entry(),
                evidence.kind(),
                evidence.day(),
                evidence.notches().stream().map(this::now).collect(toSet()));
    }

    private UUID now(UUID line) {
        return Optional.ofNullable(lines.get(line)).orElse(line);
    }

    private static Edition withoutOwn(Edition edition) {
        return new Edition(edition.nodes().filter(not(EditionMove::isOwn)).toList());
    }

    private static boolean isOwn(SyllabusNode node) {
        return node.origin() == Origin.OWN;
    }
}
