package notchbook.core.view;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Things counted or added up by a detail: a bar for each value; for days a bar for each day, week, month or year of their span; for
 * numbers a bar for each of some even steps. Where nothing is, a bar of days or steps is empty and not left out. {@code without} is how
 * many things lack the detail.
 */
public record Chart(List<Bar> bars, Optional<DaySpan> span, int without) {
    /** About as many steps as numbers are counted in. */
    private static final int STEPS = 10;

    /** What bars are as high as: how many things there are, or the sum or the mean of a number that they have. */
    public enum Height {
        COUNT,
        SUM,
        MEAN
    }

    /** What a chart is drawn as; shares say how large a part of the whole each bar is. */
    public enum Drawn {
        BARS,
        LINE,
        SHARES
    }

    /** The part of the whole that each bar is, from 0 to 1; none where there is no whole, or a bar takes away from it. */
    public List<Double> shares() {
        var whole = bars.stream().mapToDouble(Bar::amount).sum();
        var isWhole = whole > 0 && bars.stream().allMatch(bar -> bar.amount() >= 0);
        return isWhole ? bars.stream().map(bar -> bar.amount() / whole).toList() : List.of();
    }

    /** {@code number} is the detail that is added up; it is not looked at where things are counted. */
    public static Chart of(List<Thing> things, By by, Height height, String number, Comparator<String> words) {
        var grouping = Grouping.of(things, by, words);
        var without = grouping.without().size();
        ToDoubleFunction<List<Thing>> amount = some -> amount(some, height, number);
        if (grouping.groups().isEmpty()) {
            return new Chart(List.of(), Optional.empty(), without);
        }
        return switch (by.scale()) {
            case WORDS ->
                new Chart(
                        grouping.groups().stream()
                                .map(group -> bar(group.value(), group.value(), group.things(), amount))
                                .toList(),
                        Optional.empty(),
                        without);
            case DAYS -> days(grouping.groups(), amount, without);
            case NUMBERS -> new Chart(steps(grouping.groups(), amount), Optional.empty(), without);
        };
    }

    private static double amount(List<Thing> things, Height height, String number) {
        if (height == Height.COUNT) {
            return things.size();
        }
        return ColumnFigures.of(things, number)
                .map(figures -> height == Height.SUM ? figures.sum() : figures.mean())
                .orElse(0.0);
    }

    private static Bar bar(String from, String to, List<Thing> things, ToDoubleFunction<List<Thing>> amount) {
        return new Bar(from, to, things.size(), amount.applyAsDouble(things));
    }

    private static Chart days(List<Group> groups, ToDoubleFunction<List<Thing>> amount, int without) {
        var last = DayNumber.of(groups.getLast().value());
        var span = DaySpan.over(DayNumber.of(groups.getFirst().value()), last);
        var bars = new ArrayList<Bar>();
        for (var first = span.firstOf(DayNumber.of(groups.getFirst().value()));
                first <= last;
                first = span.after(first)) {
            var from = DayNumber.written(first);
            var to = DayNumber.written(span.after(first) - 1);
            bars.add(bar(from, to, within(groups, from, to), amount));
        }
        return new Chart(bars, Optional.of(span), without);
    }

    private static List<Thing> within(List<Group> groups, String from, String to) {
        return groups.stream()
                .filter(group ->
                        group.value().compareTo(from) >= 0 && group.value().compareTo(to) <= 0)
                .flatMap(group -> group.things().stream())
                .distinct()
                .toList();
    }

    private static List<Bar> steps(List<Group> groups, ToDoubleFunction<List<Thing>> amount) {
        var least = Double.parseDouble(groups.getFirst().value());
        var most = Double.parseDouble(groups.getLast().value());
        var step = evenStep(most - least);
        var byStep = new TreeMap<Integer, List<Thing>>();
        groups.forEach(group -> byStep.computeIfAbsent(stepOf(group.value(), step), any -> new ArrayList<>())
                .addAll(group.things()));
        return IntStream.rangeClosed(byStep.firstKey(), byStep.lastKey())
                .mapToObj(i -> bar(
                        written(i * step),
                        written((i + 1) * step),
                        byStep.getOrDefault(i, List.of()).stream().distinct().toList(),
                        amount))
                .toList();
    }

    /** A number that is a bound but for the last digit of its reckoning belongs to the step that begins there. */
    private static int stepOf(String number, double step) {
        return (int) Math.floor(Double.parseDouble(number) / step + 1e-9);
    }

    /** One, two or five times a power of ten, so that a range takes about as many steps as wanted. */
    private static double evenStep(double range) {
        if (range == 0) {
            return 1;
        }
        var power = Math.pow(10, Math.floor(Math.log10(range / STEPS)));
        var times = range / STEPS / power;
        return power * (times <= 1 ? 1 : times <= 2 ? 2 : times <= 5 ? 5 : 10);
    }

    private static String written(double number) {
        var rounded = Math.rint(number * 1e9) / 1e9;
        return rounded == Math.rint(rounded) && Math.abs(rounded) < 1e15
                ? String.valueOf((long) rounded)
                : String.valueOf(rounded);
    }
}
