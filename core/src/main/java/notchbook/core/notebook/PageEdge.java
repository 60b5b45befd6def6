package notchbook.core.notebook;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Weights;

/**
 * The points that have a slot on a page's edge, in the order of the syllabus: those of the section's topics and those
 * the page is notched at, widened by neighbouring topics while there is room.
 */
public final class PageEdge {
    /** As many slots as stand side by side on a page 700 px wide with their codes readable. */
    static final int ROOM = 14;

    private PageEdge() {}

    public static List<SyllabusNode> slots(
            Edition edition, Weights weights, Set<UUID> sectionNodes, Set<UUID> notched) {
        var shown = new LinkedHashSet<UUID>(notched);
        sectionNodes.stream()
                .flatMap(edition::pointsUnder)
                .map(SyllabusNode::id)
                .filter(weights::isInForce)
                .forEach(shown::add);
        widen(edition, weights, shown);
        return edition.points().filter(point -> shown.contains(point.id())).toList();
    }

    private static void widen(Edition edition, Weights weights, Set<UUID> shown) {
        var topics = edition.topics().toList();
        for (var topic : neighboursFirst(topics, edition, shown)) {
            var points = edition.pointsUnder(topic.id())
                    .map(SyllabusNode::id)
                    .filter(weights::isInForce)
                    .toList();
            var added = points.stream().filter(point -> !shown.contains(point)).count();
            if (shown.size() + added > ROOM) {
                return;
            }
            shown.addAll(points);
        }
    }

    /** Topics by their distance from the first topic shown, the later one first of two equally near. */
    private static List<SyllabusNode> neighboursFirst(List<SyllabusNode> topics, Edition edition, Set<UUID> shown) {
        var home = 0;
        while (home < topics.size() - 1
                && edition.pointsUnder(topics.get(home).id()).noneMatch(point -> shown.contains(point.id()))) {
            home++;
        }
        var ordered = new ArrayList<SyllabusNode>();
        for (var distance = 0; distance < topics.size(); distance++) {
            if (home + distance < topics.size()) {
                ordered.add(topics.get(home + distance));
            }
            if (distance > 0 && home - distance >= 0) {
                ordered.add(topics.get(home - distance));
            }
        }
        return ordered;
    }
}
