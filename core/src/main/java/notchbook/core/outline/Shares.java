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
        shares.weigh(shares.under(-1), WHOLE_EXAM_PERCENT);
        return List.copyOf(shares.lines);
    }

    private void weigh(List<Integer> siblings, double whole) {
        var given = siblings.stream().filter(i -> shares.get(i).isPresent()).toList();
        var isMarks = given.stream().anyMatch(i -> shares.get(i).get().isMarks());
        var sum = given.stream().mapToDouble(i -> shares.get(i).get().value()).sum();
        for (var i : siblings) {
            var weight = shares.get(i).map(share -> isMarks ? share.value() / sum * whole : share.value());
            weight.ifPresent(one -> lines.set(i, lines.get(i).weighing(plain(one))));
            weigh(under(i), weight.orElse(WHOLE_EXAM_PERCENT));
        }
        if (isMarks && given.size() < siblings.size()) {
            given.forEach(i -> lines.set(
                    i,
                    lines.get(i)
                            .weighing("")
                            .asking("Its neighbours have no marks, so its weight can't be told. What is it?")));
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
