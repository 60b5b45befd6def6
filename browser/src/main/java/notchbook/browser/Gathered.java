package notchbook.browser;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import notchbook.core.view.By;
import notchbook.core.view.Chart;
import notchbook.core.view.ColumnFigures;
import notchbook.core.view.Grouping;
import notchbook.core.view.Narrowing;
import notchbook.core.view.Scale;
import notchbook.core.view.SortKey;
import notchbook.core.view.Sorting;
import notchbook.core.view.Thing;
import org.teavm.jso.JSExport;

/** The things of a collection as the browser has them: each method of a {@link Seen} asks one rule of the core. */
public final class Gathered {
    private final Comparator<String> order;
    private final List<Thing> things = new ArrayList<>();

    Gathered(Comparator<String> order) {
        this.order = order;
    }

    @JSExport
    public void add(String id, String words) {
        things.add(new Thing(id, words, new HashMap<>()));
    }

    /** One more value of the thing that was added last. */
    @JSExport
    public void value(String detail, String value) {
        things.getLast()
                .values()
                .computeIfAbsent(detail, any -> new ArrayList<>())
                .add(value);
    }

    /** All things, to be narrowed and sorted. */
    @JSExport
    public Seen seen() {
        return new Seen(things, order);
    }

    /** Some of the things in an order. Details go by their keys, scales by their names. */
    public static final class Seen {
        private final Comparator<String> order;
        private final List<String> words = new ArrayList<>();
        private final Map<String, Set<String>> only = new HashMap<>();
        private final List<SortKey> sorts = new ArrayList<>();
        private final List<Thing> all;
        private List<Thing> seen = List.of();

        Seen(List<Thing> all, Comparator<String> order) {
            this.all = all;
            this.order = order;
        }

        @JSExport
        public void holding(String word) {
            words.add(word);
        }

        /** Only things that have this value, or another that is named; an empty value stands for none. */
        @JSExport
        public void only(String detail, String value) {
            only.computeIfAbsent(detail, any -> new HashSet<>()).add(value);
        }

        @JSExport
        public void sortedBy(String detail, String scale, boolean isFalling) {
            sorts.add(new SortKey(new By(detail, Scale.valueOf(scale)), isFalling));
        }

        /** Their ids, when all has been said about which they are. */
        @JSExport
        public String[] ids() {
            seen = Sorting.of(new Narrowing(words, only).of(all), sorts, order);
            return Gathered.ids(seen);
        }

        @JSExport
        public Groups groups(String detail, String scale) {
            return new Groups(Grouping.of(seen, new By(detail, Scale.valueOf(scale)), order));
        }

        /** How many numbers there are and how many things lack one, their sum, mean, least and most; nothing where there is none. */
        @JSExport
        public double[] figures(String detail) {
            return ColumnFigures.of(seen, detail)
                    .map(figures -> new double[] {
                        figures.count(),
                        figures.missing(),
                        figures.sum(),
                        figures.mean(),
                        figures.least(),
                        figures.most()
                    })
                    .orElseGet(() -> new double[0]);
        }

        @JSExport
        public Bars chart(String detail, String scale, String height, String number) {
            return new Bars(
                    Chart.of(seen, new By(detail, Scale.valueOf(scale)), Chart.Height.valueOf(height), number, order));
        }
    }

    private static String[] ids(List<Thing> things) {
        return things.stream().map(Thing::id).toArray(String[]::new);
    }

    /** Things in groups, by the places of the groups. */
    public static final class Groups {
        private final Grouping grouping;

        Groups(Grouping grouping) {
            this.grouping = grouping;
        }

        @JSExport
        public String[] values() {
            return grouping.groups().stream().map(group -> group.value()).toArray(String[]::new);
        }

        @JSExport
        public String[] ids(int group) {
            return Gathered.ids(grouping.groups().get(group).things());
        }

        @JSExport
        public String[] without() {
            return Gathered.ids(grouping.without());
        }
    }

    /** The bars of a chart. */
    public static final class Bars {
        private final Chart chart;

        Bars(Chart chart) {
            this.chart = chart;
        }

        /** DAY, WEEK, MONTH or YEAR where it counts days; nothing else. */
        @JSExport
        public String span() {
            return chart.span().map(Enum::name).orElse("");
        }

        @JSExport
        public int without() {
            return chart.without();
        }

        @JSExport
        public String[] from() {
            return chart.bars().stream().map(bar -> bar.from()).toArray(String[]::new);
        }

        @JSExport
        public String[] to() {
            return chart.bars().stream().map(bar -> bar.to()).toArray(String[]::new);
        }

        @JSExport
        public int[] counts() {
            return chart.bars().stream().mapToInt(bar -> bar.count()).toArray();
        }

        @JSExport
        public double[] amounts() {
            return chart.bars().stream().mapToDouble(bar -> bar.amount()).toArray();
        }

        @JSExport
        public double[] shares() {
            return chart.shares().stream().mapToDouble(share -> share).toArray();
        }
    }
}
