package notchbook.core.edition;

import static java.util.Comparator.comparingDouble;
import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;

/**
 * What became of each line from one edition to another (docs/rules.md, New edition). Points are matched with points and all
 * else with all else: by identifier, then by code, then by how alike the statements are; units and topics at last by what
 * stands under them.
 *
 * <p>Editions renumber: a point put in between gives each one after it another code. So a code that both have counts only
 * where the words have something in common, and a statement that is word for word elsewhere goes before it.
 */
public final class EditionComparison {
    /** In shares of stems that two statements have in common: less is another point, also under the same code. */
    private static final double ALIKE_UNDER_ONE_CODE = 0.25;

    /** The same for two statements under different codes, where nothing but their words ties them. */
    private static final double ALIKE_ANYWHERE = 0.6;

    /** More than half of what stands under either: a unit that was split in two halves is neither of them. */
    private static final double HELD_IN_COMMON = 0.51;

    private final Edition before;
    private final Edition after;
    private final Map<UUID, SyllabusNode> counterpart = new LinkedHashMap<>();
    private final Map<UUID, SyllabusNode> origin = new LinkedHashMap<>();

    private EditionComparison(Edition before, Edition after) {
        this.before = before;
        this.after = after;
        Stream.of(false, true).forEach(this::match);
        matchByWhatTheyHold();
    }

    public static EditionComparison of(Edition before, Edition after) {
        return new EditionComparison(before, after);
    }

    /** Every line of both: those of the later edition in its order, each group of dropped ones after what stood before it. */
    public List<NodeChange> changes() {
        var changes = new ArrayList<>(after.nodes().map(this::change).toList());
        var place = 0;
        for (var node : before.nodes().toList()) {
            var kept = counterpart.get(node.id());
            if (kept == null) {
                changes.add(place++, new NodeChange(NodeChange.Kind.DROPPED, Optional.of(node), Optional.empty()));
            } else {
                place = placeAfter(changes, kept);
            }
        }
        return List.copyOf(changes);
    }

    /** The lines of the earlier edition that go on in the later one, with what they are there; one to one. */
    public Map<UUID, UUID> carried() {
        return counterpart.entrySet().stream()
                .collect(toMap(Map.Entry::getKey, pair -> pair.getValue().id()));
    }

    private static int placeAfter(List<NodeChange> changes, SyllabusNode node) {
        for (var i = 0; i < changes.size(); i++) {
            if (changes.get(i).after().filter(node::equals).isPresent()) {
                return i + 1;
            }
        }
        throw new IllegalStateException("The later edition has no \"" + node.code() + "\".");
    }

    private NodeChange change(SyllabusNode node) {
        var old = Optional.ofNullable(origin.get(node.id()));
        return new NodeChange(old.map(one -> kind(one, node)).orElse(NodeChange.Kind.ADDED), old, Optional.of(node));
    }

    private NodeChange.Kind kind(SyllabusNode old, SyllabusNode now) {
        if (!Statement.of(old).isWordForWord(Statement.of(now))) {
            return NodeChange.Kind.REWORDED;
        }
        return old.code().equals(now.code()) && hasSameParent(old, now) ? NodeChange.Kind.SAME : NodeChange.Kind.MOVED;
    }

    private boolean hasSameParent(SyllabusNode old, SyllabusNode now) {
        var parent = old.parent().map(counterpart::get).map(SyllabusNode::id);
        return parent.equals(now.parent());
    }

    private void match(boolean points) {
        var olds = statements(before, points);
        var news = statements(after, points);
        matchByKey(olds, news, statement -> statement.node().identifier());
        matchByKey(olds, news, statement -> Optional.of(statement.node().code() + "\n" + statement.folded()));
        matchByKey(olds, news, statement -> Optional.of(statement.folded()));
        matchByWords(olds, news, ALIKE_UNDER_ONE_CODE, true);
        matchByWords(olds, news, ALIKE_ANYWHERE, false);
    }

    private static List<Statement> statements(Edition edition, boolean points) {
        return edition.nodes()
                .filter(node -> node.isPoint() == points)
                .map(Statement::of)
                .toList();
    }

    private void matchByKey(List<Statement> olds, List<Statement> news, Function<Statement, Optional<String>> key) {
        var byKey = new HashMap<String, Statement>();
        news.stream().filter(this::isFree).forEach(one -> key.apply(one)
                .ifPresent(value -> byKey.putIfAbsent(value, one)));
        olds.forEach(old -> key.apply(old).map(byKey::get).ifPresent(now -> pair(old, now)));
    }

    private record Pair(Statement old, Statement now, double alike, boolean inOnePlace) {}

    /** Pairs what is left and alike enough, the most alike first; under one code only, or whatever the codes. */
    private void matchByWords(List<Statement> olds, List<Statement> news, double least, boolean underOneCode) {
        var free = news.stream().filter(this::isFree).toList();
        olds.stream()
                .filter(this::isFree)
                .flatMap(old -> free.stream()
                        .filter(now -> !underOneCode
                                || now.node().code().equals(old.node().code()))
                        .map(now -> new Pair(old, now, old.alike(now), hasSameParent(old.node(), now.node()))))
                .filter(pair -> pair.alike() >= least)
                .sorted(comparingDouble(Pair::alike)
                        .thenComparing(Pair::inOnePlace)
                        .reversed())
                .forEach(pair -> pair(pair.old(), pair.now()));
    }

    private record Holding(Statement old, Statement now, double shared) {}

    /**
     * Pairs units and topics that got another title by what stands under them, the lowest first: what holds a unit together
     * is its topics, once these are paired.
     */
    private void matchByWhatTheyHold() {
        for (var paired = true; paired; ) {
            var olds = statements(before, false).stream().filter(this::isFree).toList();
            var news = statements(after, false).stream().filter(this::isFree).toList();
            var holding = olds.stream()
                    .flatMap(old -> news.stream().map(now -> new Holding(old, now, shared(old.node(), now.node()))))
                    .filter(pair -> pair.shared() >= HELD_IN_COMMON)
                    .sorted(comparingDouble(Holding::shared).reversed())
                    .toList();
            holding.forEach(pair -> pair(pair.old(), pair.now()));
            paired = !holding.isEmpty();
        }
    }

    /** Of the lines right under two others, the share that went from the one to the other. */
    private double shared(SyllabusNode old, SyllabusNode now) {
        var under = before.childrenOf(old.id());
        var held = after.childrenOf(now.id());
        var gone = under.stream()
                .flatMap(node -> Optional.ofNullable(counterpart.get(node.id())).stream())
                .filter(held::contains)
                .count();
        return gone / (double) Math.max(1, Math.max(under.size(), held.size()));
    }

    private boolean isFree(Statement statement) {
        var id = statement.node().id();
        return !counterpart.containsKey(id) && !origin.containsKey(id);
    }

    private void pair(Statement old, Statement now) {
        if (isFree(old) && isFree(now)) {
            counterpart.put(old.node().id(), now.node());
            origin.put(now.node().id(), old.node());
        }
    }
}
