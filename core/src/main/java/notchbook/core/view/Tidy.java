package notchbook.core.view;

import static java.util.Comparator.comparingInt;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Sets a board in order: what is tied together stands near each other and reads from the left to the right, loose cards stand by their
 * groups, no card lies on another. The same cards and ties give the same board. The source of the rule is the part on views in
 * docs/rules.md.
 */
public final class Tidy {
    private static final double GAP = 40;
    private static final double BETWEEN_BLOCKS = 90;

    /** A board is about so many times as wide as high, like the screens that it is seen on. */
    private static final double WIDE = 1.5;

    private Tidy() {}

    public static List<Spot> of(List<Card> cards, List<CardTie> ties) {
        var ids = cards.stream().map(Card::id).collect(toSet());
        var held = ties.stream()
                .filter(tie -> ids.contains(tie.from()) && ids.contains(tie.to()))
                .filter(tie -> !tie.from().equals(tie.to()))
                .distinct()
                .toList();
        return shelved(Stream.concat(tied(cards, held).stream(), loose(cards, held).stream())
                .toList());
    }

    /** A block for all that hangs together, the largest first. */
    private static List<Block> tied(List<Card> cards, List<CardTie> ties) {
        var leaders = new Together(cards, ties);
        var parts = new LinkedHashMap<String, List<Card>>();
        for (var card : cards) {
            parts.computeIfAbsent(leaders.of(card.id()), any -> new ArrayList<>())
                    .add(card);
        }
        Map<String, List<CardTie>> byPart = ties.stream().collect(groupingBy(tie -> leaders.of(tie.from())));
        return parts.entrySet().stream()
                .filter(part -> part.getValue().size() > 1)
                .sorted(comparingInt(part -> -part.getValue().size()))
                .map(part -> new Layers(part.getValue(), byPart.get(part.getKey())).block())
                .toList();
    }

    /** A block for the loose cards of each group, those without a group last. */
    private static List<Block> loose(List<Card> cards, List<CardTie> ties) {
        var tied = ties.stream().flatMap(tie -> Stream.of(tie.from(), tie.to())).collect(toSet());
        var groups = new LinkedHashMap<String, List<Card>>();
        cards.stream().filter(card -> !tied.contains(card.id())).forEach(card -> groups.computeIfAbsent(
                        card.group(), any -> new ArrayList<>())
                .add(card));
        return groups.entrySet().stream()
                .sorted(comparingInt(group -> group.getKey().isBlank() ? 1 : 0))
                .map(group -> rows(group.getValue()))
                .toList();
    }

    private static Block rows(List<Card> cards) {
        var columns = (int) Math.ceil(Math.sqrt(cards.size()));
        var wide = cards.stream().mapToDouble(Card::width).max().orElse(0) + GAP;
        var high = cards.stream().mapToDouble(Card::height).max().orElse(0) + GAP;
        var x = new double[cards.size()];
        var y = new double[cards.size()];
        for (var i = 0; i < cards.size(); i++) {
            x[i] = (i % columns) * wide;
            y[i] = (i / columns) * high;
        }
        return Block.of(cards, x, y);
    }

    /** Blocks beside each other, as many as fit into the width, and on below them. */
    private static List<Spot> shelved(List<Block> blocks) {
        var area = blocks.stream()
                .mapToDouble(block -> (block.width() + BETWEEN_BLOCKS) * (block.height() + BETWEEN_BLOCKS))
                .sum();
        var width = Math.max(
                Math.sqrt(area * WIDE),
                blocks.stream().mapToDouble(Block::width).max().orElse(0));
        var spots = new ArrayList<Spot>();
        var x = 0.0;
        var y = 0.0;
        var high = 0.0;
        for (var block : blocks) {
            if (x > 0 && x + block.width() > width) {
                x = 0;
                y += high + BETWEEN_BLOCKS;
                high = 0;
            }
            spots.addAll(block.at(x, y));
            x += block.width() + BETWEEN_BLOCKS;
            high = Math.max(high, block.height());
        }
        return List.copyOf(spots);
    }

    /** Which cards hang together by ties: each has a leader, the same for all of them. */
    private static final class Together {
        private final Map<String, String> next = new HashMap<>();

        Together(List<Card> cards, List<CardTie> ties) {
            cards.forEach(card -> next.put(card.id(), card.id()));
            ties.forEach(tie -> next.put(of(tie.from()), of(tie.to())));
        }

        String of(String id) {
            var at = id;
            while (!next.get(at).equals(at)) {
                next.put(at, next.get(next.get(at)));
                at = next.get(at);
            }
            return at;
        }
    }
}
