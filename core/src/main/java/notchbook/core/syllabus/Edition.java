package notchbook.core.syllabus;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A syllabus edition: its lines in the order of the syllabus, as a tree without cycles. */
public final class Edition {
    private final Map<UUID, SyllabusNode> nodes = new LinkedHashMap<>();
    private final Map<Optional<UUID>, List<SyllabusNode>> children = new HashMap<>();

    public Edition(List<SyllabusNode> inOrder) {
        for (var node : inOrder) {
            nodes.put(node.id(), node);
            children.computeIfAbsent(node.parent(), key -> new ArrayList<>()).add(node);
        }
    }

    public Stream<SyllabusNode> nodes() {
        return nodes.values().stream();
    }

    /** The rows that {@link SyllabusDraft} makes this edition of, in the order of the syllabus. */
    public List<SyllabusRow> rows() {
        var rows = new ArrayList<SyllabusRow>();
        for (var node : nodes.values()) {
            var parent =
                    node.parent().flatMap(this::find).map(SyllabusNode::code).orElse("");
            rows.add(SyllabusRow.of(rows.size() + 1, node, parent));
        }
        return rows;
    }

    public Optional<SyllabusNode> find(UUID id) {
        return Optional.ofNullable(nodes.get(id));
    }

    public List<SyllabusNode> units() {
        return children.getOrDefault(Optional.<UUID>empty(), List.of());
    }

    public List<SyllabusNode> childrenOf(UUID id) {
        return children.getOrDefault(Optional.of(id), List.of());
    }

    /** Whether a point counts for an exam: neither it nor anything above it is ruled out by exam year or tier. */
    public boolean isInForce(SyllabusNode node, ExamChoice exam) {
        return exam.takesIn(node)
                && node.parent()
                        .flatMap(this::find)
                        .map(parent -> isInForce(parent, exam))
                        .orElse(true);
    }

    public Stream<SyllabusNode> points() {
        return nodes().filter(SyllabusNode::isPoint);
    }

    /** A line and the points below it. */
    public Set<UUID> linesUnder(UUID line) {
        return Stream.concat(Stream.of(line), pointsUnder(line).map(SyllabusNode::id))
                .collect(Collectors.toSet());
    }

    /** All points below a node, in the order of the syllabus; the node itself when it is a point. */
    public Stream<SyllabusNode> pointsUnder(UUID id) {
        var node = nodes.get(id);
        if (node != null && node.isPoint()) {
            return Stream.of(node);
        }
        return childrenOf(id).stream().flatMap(child -> pointsUnder(child.id()));
    }

    /** The topic (or, where there is none, the unit) that a point stands in; a topic is its own. */
    public Optional<SyllabusNode> topicOf(UUID id) {
        return find(id).flatMap(node -> node.isPoint() ? node.parent().flatMap(this::find) : Optional.of(node));
    }

    /** The topics of some lines in whichever of these editions they are, each once by its name. */
    public static List<String> topicNames(Collection<Edition> editions, Collection<UUID> lines) {
        return editions.stream()
                .flatMap(edition -> lines.stream().flatMap(line -> edition.topicOf(line).stream()))
                .map(SyllabusNode::name)
                .distinct()
                .sorted()
                .toList();
    }

    /** Nodes that hold points directly: what coverage calls topics, in the order of the syllabus. */
    public Stream<SyllabusNode> topics() {
        return nodes().filter(node -> childrenOf(node.id()).stream().anyMatch(SyllabusNode::isPoint));
    }

    /** The unit at the top of a node's branch. */
    public Optional<SyllabusNode> unitOf(UUID id) {
        return find(id).map(node -> node.parent().flatMap(this::unitOf).orElse(node));
    }
}
