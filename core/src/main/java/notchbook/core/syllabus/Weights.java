package notchbook.core.syllabus;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * The weights of the points in force for one exam, scaled to sum to 1 (docs/rules.md, Weight).
 *
 * <p>A point's own weight stands. What its topic's (else its unit's) share leaves after the weights given below it is
 * split equally among the points in force there that have none of their own.
 */
public final class Weights {
    private final Map<UUID, Double> byPoint;

    private Weights(Map<UUID, Double> byPoint) {
        this.byPoint = byPoint;
    }

    public static Weights of(Edition edition, ExamChoice exam) {
        var raw = new LinkedHashMap<UUID, Double>();
        edition.points().filter(point -> edition.isInForce(point, exam)).forEach(point -> raw.put(point.id(), 0.0));
        edition.units().forEach(unit -> new Split(edition, raw)
                .give(unit, unit.weight().orElse(0)));
        return new Weights(scaled(raw));
    }

    /** The share of the exam's marks that a point carries, from 0 to 1; 0 for a point that is not in force. */
    public double of(UUID point) {
        return byPoint.getOrDefault(point, 0.0);
    }

    public boolean isInForce(UUID point) {
        return byPoint.containsKey(point);
    }

    /** The points in force, in the order of the syllabus. */
    public List<UUID> points() {
        return List.copyOf(byPoint.keySet());
    }

    private static Map<UUID, Double> scaled(Map<UUID, Double> raw) {
        var sum = raw.values().stream().mapToDouble(Double::doubleValue).sum();
        var equal = raw.isEmpty() ? 0 : 1.0 / raw.size();
        raw.replaceAll((point, weight) -> sum > 0 ? weight / sum : equal);
        return raw;
    }

    private record Split(Edition edition, Map<UUID, Double> raw) {
        /** Gives a share to a node: a point keeps it, anything else passes on what its children do not state themselves. */
        void give(SyllabusNode node, double share) {
            if (node.isPoint()) {
                raw.computeIfPresent(node.id(), (id, none) -> share);
                return;
            }
            var unweighted = new HashMap<SyllabusNode, Long>();
            var rest = share;
            for (var child : edition.childrenOf(node.id())) {
                if (child.weight().isPresent()) {
                    rest -= child.weight().getAsDouble();
                    give(child, child.weight().getAsDouble());
                } else {
                    unweighted.put(child, pointsInForce(child));
                }
            }
            var heads = unweighted.values().stream().mapToLong(Long::longValue).sum();
            var each = heads == 0 ? 0 : Math.max(0, rest) / heads;
            unweighted.forEach((child, points) -> give(child, each * points));
        }

        private long pointsInForce(SyllabusNode node) {
            return edition.pointsUnder(node.id())
                    .filter(point -> raw.containsKey(point.id()))
                    .count();
        }
    }
}
