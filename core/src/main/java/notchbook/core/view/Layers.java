package notchbook.core.view;

import static java.util.Comparator.comparingDouble;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Cards that hang together by ties, in layers from the left to the right: each stands behind all from which ties lead to it (a tie that
 * closes a circle is looked at the other way round), in an order within its layer that has few crossings, as near to what it is tied to as
 * the others of its layer let it. A tie that passes layers by has a way through each of them, on which no card lies. Layers by longest paths, orders by means of neighbours (Sugiyama, Tagawa and Toda, 1981); heights by
 * pooling neighbours that would overlap, which is the least squares solution (Ayer and others, 1955).
 */
final class Layers {
    /** Room for the words of a tie. */
    private static final double BETWEEN_LAYERS = 150;

    private static final double BETWEEN_CARDS = 40;
    private static final int SWEEPS = 12;

    /** How much room a tie takes that passes a layer by. */
    private static final double WAY = 24;

    /** The cards, and behind them a way for each layer that a tie passes by. */
    private final List<Card> cards;

    private final int count;
    private final List<int[]> ties = new ArrayList<>();
    private final List<List<Integer>> out = new ArrayList<>();
    private final List<List<Integer>> beside = new ArrayList<>();
    private final List<Integer> layer;
    private final List<List<Integer>> layers = new ArrayList<>();

    Layers(List<Card> cards, List<CardTie> ties) {
        this.cards = new ArrayList<>(cards);
        count = cards.size();
        var places = new HashMap<String, Integer>();
        for (var i = 0; i < count; i++) {
            places.put(cards.get(i).id(), i);
            out.add(new ArrayList<>());
            beside.add(new ArrayList<>());
        }
        ties.forEach(tie -> out.get(places.get(tie.from())).add(places.get(tie.to())));
        openCircles();
        layer = new ArrayList<>(IntStream.of(longestPaths()).boxed().toList());
        for (var i = 0; i < count; i++) {
            for (var to : out.get(i)) {
                lead(i, to);
            }
        }
        for (var i = 0; i < layer.size(); i++) {
            while (layers.size() <= layer.get(i)) {
                layers.add(new ArrayList<>());
            }
            layers.get(layer.get(i)).add(i);
        }
    }

    /** A tie from layer to layer. */
    private void lead(int from, int to) {
        var at = from;
        for (var between = layer.get(from) + 1; between < layer.get(to); between++) {
            cards.add(new Card("", 0, WAY, cards.get(from).group()));
            layer.add(between);
            beside.add(new ArrayList<>());
            join(at, cards.size() - 1);
            at = cards.size() - 1;
        }
        join(at, to);
    }

    private void join(int from, int to) {
        ties.add(new int[] {from, to});
        beside.get(from).add(to);
        beside.get(to).add(from);
    }

    /** Turns every tie round that leads back to a card on the way to it. */
    private void openCircles() {
        var state = new int[count];
        for (var i = 0; i < count; i++) {
            open(i, state);
        }
    }

    /** Ways are gone without recursion: a chain may be as long as a board has cards. 1 is on the way, 2 is done. */
    private void open(int start, int[] state) {
        if (state[start] != 0) {
            return;
        }
        var way = new ArrayList<Integer>();
        var next = new int[count];
        way.add(start);
        state[start] = 1;
        while (!way.isEmpty()) {
            var at = way.getLast();
            if (next[at] >= out.get(at).size()) {
                state[at] = 2;
                way.removeLast();
                continue;
            }
            int to = out.get(at).get(next[at]);
            if (state[to] == 1) {
                out.get(at).remove(next[at]);
                out.get(to).add(at);
            } else {
                next[at]++;
                if (state[to] == 0) {
                    state[to] = 1;
                    way.add(to);
                }
            }
        }
    }

    private int[] longestPaths() {
        var in = new int[count];
        out.forEach(some -> some.forEach(to -> in[to]++));
        var depth = new int[count];
        var ready = new ArrayList<>(
                IntStream.range(0, count).filter(i -> in[i] == 0).boxed().toList());
        for (var k = 0; k < ready.size(); k++) {
            var at = ready.get(k);
            for (var to : out.get(at)) {
                depth[to] = Math.max(depth[to], depth[at] + 1);
                in[to]--;
                if (in[to] == 0) {
                    ready.add(to);
                }
            }
        }
        return depth;
    }

    Block block() {
        layers.forEach(some -> some.sort(Comparator.comparing(i -> cards.get(i).group())));
        var best = heights();
        var fewest = crossings(best);
        for (var sweep = 0; sweep < SWEEPS && fewest > 0; sweep++) {
            order(sweep % 2 == 0);
            var now = heights();
            var crossings = crossings(now);
            if (crossings < fewest) {
                best = now;
                fewest = crossings;
            }
        }
        var y = new double[count];
        for (var i = 0; i < count; i++) {
            y[i] = best[i] - cards.get(i).height() / 2;
        }
        return Block.of(cards.subList(0, count), across(), y);
    }

    /** Puts each layer in the order of the means of what its cards are tied to on one side. */
    private void order(boolean isFromLeft) {
        var middles = heights();
        var turns = isFromLeft ? layers : new ArrayList<>(layers).reversed();
        for (var some : turns) {
            var means = new HashMap<Integer, Double>();
            for (var i : some) {
                means.put(
                        i,
                        beside.get(i).stream()
                                .filter(other ->
                                        isFromLeft ? layer.get(other) < layer.get(i) : layer.get(other) > layer.get(i))
                                .mapToDouble(other -> middles[other])
                                .average()
                                .orElse(middles[i]));
            }
            some.sort(comparingDouble(means::get));
            stack(some, middles);
        }
    }

    /** The middles of all cards, each layer in its order: first stacked, then drawn to what they are tied to. */
    private double[] heights() {
        var middles = new double[cards.size()];
        layers.forEach(some -> stack(some, middles));
        for (var round = 0; round < SWEEPS; round++) {
            layers.forEach(some -> settle(some, middles));
            new ArrayList<>(layers).reversed().forEach(some -> settle(some, middles));
        }
        return middles;
    }

    /** One below the other, around the height 0. */
    private void stack(List<Integer> some, double[] middles) {
        var offsets = offsets(some);
        var half = offsets[some.size() - 1] / 2;
        for (var k = 0; k < some.size(); k++) {
            middles[some.get(k)] = offsets[k] - half;
        }
    }

    /** How far below the middle of the first card the middles of the others have to be at least. */
    private double[] offsets(List<Integer> some) {
        var offsets = new double[some.size()];
        for (var k = 1; k < some.size(); k++) {
            offsets[k] = offsets[k - 1]
                    + (cards.get(some.get(k - 1)).height()
                                    + cards.get(some.get(k)).height())
                            / 2
                    + BETWEEN_CARDS;
        }
        return offsets;
    }

    /** Brings the cards of a layer, in their order, as near to the means of what they are tied to as they have room. */
    private void settle(List<Integer> some, double[] middles) {
        var offsets = offsets(some);
        var wished = new double[some.size()];
        for (var k = 0; k < some.size(); k++) {
            int i = some.get(k);
            wished[k] = beside.get(i).stream()
                            .mapToDouble(other -> middles[other])
                            .average()
                            .orElse(middles[i])
                    - offsets[k];
        }
        var pooled = pooled(wished);
        for (var k = 0; k < some.size(); k++) {
            middles[some.get(k)] = pooled[k] + offsets[k];
        }
    }

    /** The rising numbers that are nearest to these. */
    private static double[] pooled(double[] wished) {
        var means = new double[wished.length];
        var sizes = new int[wished.length];
        var pools = 0;
        for (var one : wished) {
            means[pools] = one;
            sizes[pools] = 1;
            pools++;
            while (pools > 1 && means[pools - 2] > means[pools - 1]) {
                var both = sizes[pools - 2] + sizes[pools - 1];
                means[pools - 2] = (means[pools - 2] * sizes[pools - 2] + means[pools - 1] * sizes[pools - 1]) / both;
                sizes[pools - 2] = both;
                pools--;
            }
        }
        var rising = new double[wished.length];
        var k = 0;
        for (var pool = 0; pool < pools; pool++) {
            Arrays.fill(rising, k, k + sizes[pool], means[pool]);
            k += sizes[pool];
        }
        return rising;
    }

    private int crossings(double[] middles) {
        var found = 0;
        for (var i = 0; i < ties.size(); i++) {
            for (var k = i + 1; k < ties.size(); k++) {
                if (cross(ties.get(i), ties.get(k), middles)) {
                    found++;
                }
            }
        }
        return found;
    }

    /** Ties of the same two layers cross where their ends are in another order on one side than on the other. */
    private boolean cross(int[] one, int[] other, double[] middles) {
        return layer.get(one[0]).equals(layer.get(other[0]))
                && (middles[one[0]] - middles[other[0]]) * (middles[one[1]] - middles[other[1]]) < 0;
    }

    private double[] across() {
        var starts = new double[layers.size()];
        for (var at = 1; at < layers.size(); at++) {
            starts[at] = starts[at - 1]
                    + Collections.max(layers.get(at - 1).stream()
                            .map(i -> cards.get(i).width())
                            .toList())
                    + BETWEEN_LAYERS;
        }
        var x = new double[count];
        for (var i = 0; i < count; i++) {
            x[i] = starts[layer.get(i)];
        }
        return x;
    }
}
