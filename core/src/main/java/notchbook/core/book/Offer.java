package notchbook.core.book;

import static java.util.Comparator.comparing;
import static java.util.Comparator.comparingInt;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.core.coverage.Evidence;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;

/** A piece that is offered for a subject's page, and why: looked back on, checked, the most notched, the first or latest on a topic. */
public record Offer(UUID entry, List<String> reasons) {
    /** As many as are looked through before one chooses from all. */
    private static final int MOST = 24;

    /** Work that keys to fewer points is not yet the most notched of anything, and what many have stands out in none. */
    private static final int MANY_NOTCHES = 2;

    private static final int FEW_PIECES = 3;

    /**
     * The pieces of a notebook that are offered, those with the strongest reasons first; {@code work} is its evidence, entries only,
     * {@code lookedBackOn} and {@code checked} (without a remark) are entries.
     */
    public static List<Offer> of(Edition edition, List<Evidence> work, Set<UUID> lookedBackOn, Set<UUID> checked) {
        var ordered = work.stream()
                .sorted(comparing(Evidence::day)
                        .thenComparing(one -> one.entry().toString()))
                .toList();
        var reasons = new LinkedHashMap<UUID, List<String>>();
        ordered.forEach(one -> reasons.put(one.entry(), new ArrayList<>()));
        give(reasons, lookedBackOn, "you looked back on it");
        give(reasons, checked, "checked without a remark");
        give(reasons, mostNotched(ordered), "evidence for the most points");
        firstsAndLatests(edition, ordered)
                .forEach((entry, words) -> reasons.get(entry).addAll(words));
        var weights = new HashMap<UUID, Integer>();
        reasons.forEach((entry, words) -> weights.put(entry, weight(entry, lookedBackOn, checked) + words.size()));
        return reasons.entrySet().stream()
                .filter(one -> !one.getValue().isEmpty())
                .map(one -> new Offer(one.getKey(), one.getValue()))
                .sorted(comparingInt((Offer offer) -> -weights.get(offer.entry())))
                .limit(MOST)
                .toList();
    }

    /** What somebody said something about weighs more than where it stands in a row. */
    private static int weight(UUID entry, Set<UUID> lookedBackOn, Set<UUID> checked) {
        return (lookedBackOn.contains(entry) ? 4 : 0) + (checked.contains(entry) ? 2 : 0);
    }

    private static void give(Map<UUID, List<String>> reasons, Collection<UUID> entries, String words) {
        entries.stream().filter(reasons::containsKey).forEach(entry -> reasons.get(entry)
                .add(words));
    }

    private static List<UUID> mostNotched(List<Evidence> work) {
        var most = work.stream().mapToInt(one -> one.notches().size()).max().orElse(0);
        var found = work.stream()
                .filter(one -> one.notches().size() >= Math.max(most, MANY_NOTCHES))
                .map(Evidence::entry)
                .toList();
        return found.size() > FEW_PIECES ? List.of() : found;
    }

    /** Of topics with two pieces at least. */
    private static Map<UUID, List<String>> firstsAndLatests(Edition edition, List<Evidence> work) {
        var byTopic = new LinkedHashMap<SyllabusNode, List<UUID>>();
        work.forEach(one -> one.notches().stream()
                .flatMap(line -> edition.topicOf(line).stream())
                .distinct()
                .forEach(topic ->
                        byTopic.computeIfAbsent(topic, any -> new ArrayList<>()).add(one.entry())));
        var found = new HashMap<UUID, List<String>>();
        byTopic.entrySet().stream()
                .filter(topic -> topic.getValue().size() > 1)
                .sorted(comparing(topic -> topic.getKey().code()))
                .forEach(topic -> {
                    put(
                            found,
                            topic.getValue().getFirst(),
                            "the first on " + topic.getKey().code());
                    put(
                            found,
                            topic.getValue().getLast(),
                            "the latest on " + topic.getKey().code());
                });
        return found;
    }

    private static void put(Map<UUID, List<String>> found, UUID entry, String words) {
        found.computeIfAbsent(entry, any -> new ArrayList<>()).add(words);
    }
}
