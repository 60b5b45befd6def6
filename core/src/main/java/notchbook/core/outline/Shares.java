package notchbook.core.outline;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import notchbook.core.outline.Annotations.Share;
import notchbook.core.outline.Levels.Placed;

/** Weights as a document gives them, in per cent of the exam: marks are a share of those of their neighbours. */
final class Shares {
    private static final double WHOLE_EXAM_PERCENT = 100;

    private static final String UNTOLD =
            "What is beside it or above it has no marks, so its weight can't be told. What is it?";

    private final List<Placed> placed;
    private final List<Optional<Share>> shares;
    private final List<OutlineLine> lines;

    private Shares(List<OutlineLine> lines, List<Placed> placed) {
        this.placed = placed;
        this.lines = new ArrayList<>(lines);
        this.shares = IntStream.range(0, placed.size())
                .mapToObj(i -> Annotations.of(placed.get(i).piece().text(), Outline.isGroup(placed, i))
                        .share()
                        .or(placed.get(i)::share))
                .toList();
    }

    static List<OutlineLine> given(List<OutlineLine> lines, List<Placed> placed) {
        var shares = new Shares(lines, placed);
        shares.weigh(shares.under(-1), Optional.of(WHOLE_EXAM_PERCENT));
        return List.copyOf(shares.lines);
    }

    /** Weighs lines under one of a known weight; marks are no share of a weight that nobody gave. */
    private void weigh(List<Integer> siblings, Optional<Double> whole) {
        var given = siblings.stream().filter(i -> shares.get(i).isPresent()).toList();
        var isMarks = given.stream().anyMatch(i -> shares.get(i).get().isMarks());
        var sum = given.stream().mapToDouble(i -> shares.get(i).get().value()).sum();
        var canBeTold = !isMarks || whole.isPresent() && given.size() == siblings.size();
        for (var i : siblings) {
            var weight = shares.get(i)
                    .filter(share -> canBeTold)
                    .map(share -> isMarks ? share.value() / sum * whole.orElseThrow() : share.value());
            weight.ifPresent(one -> lines.set(i, lines.get(i).weighing(plain(one))));
            weigh(under(i), weight);
        }
        if (!canBeTold) {
            given.forEach(i -> lines.set(i, lines.get(i).asking(UNTOLD)));
        }
    }

    /** The lines right below one, or the units for -1. */
    private List<Integer> under(int parent) {
        var depth = parent < 0 ? 0 : placed.get(parent).depth() + 1;
        return IntStream.range(parent + 1, placed.size())
                .takeWhile(i -> placed.get(i).depth() >= depth)
                .filter(i -> placed.get(i).depth() == depth)
                .boxed()
                .toList();
    }

    private static String plain(double value) {
        var rounded = new BigDecimal(value).setScale(2, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.toPlainString();
    }
}
