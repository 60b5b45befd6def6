package notchbook.core.collection;

import static java.util.stream.Collectors.joining;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import notchbook.core.view.Bar;
import notchbook.core.view.By;
import notchbook.core.view.Chart;
import notchbook.core.view.ColumnFigures;
import notchbook.core.view.Grouping;
import notchbook.core.view.Look;
import notchbook.core.view.Scale;
import notchbook.core.view.Shape;
import notchbook.core.view.SortKey;
import notchbook.core.view.Sorting;
import notchbook.core.view.Thing;

/**
 * A view of a collection as text, for paper and wherever else nothing can be drawn or sorted: a table of what is seen, a table for each
 * group, the figures of a chart, the ties of a board in words. The source of the rule is the part on views in docs/rules.md.
 */
public final class ViewText {
    /** What every thing has a value of: what it is called, and (where it leads somewhere, or a reason was given) where to and why. */
    public static final String NAME = "title";

    public static final String ADDRESS = "address";
    public static final String WHY = "why";

    private static final ViewColumn REASON = new ViewColumn(new By(WHY, Scale.WORDS), "Why it was kept", "");

    /** The names of more do not fit a line. */
    private static final int MOST_SHOWN = 8;

    private static final int MOST_ROWS = Document.Table.MOST_ROWS - 1;

    /** By their names, in their order. */
    private static final Map<String, Figure> FIGURES = figuresByName();

    private final Look look;
    private final List<ViewColumn> columns;
    private final List<ViewColumn> own;
    private final ViewColumn by;
    private final Comparator<String> words;

    private ViewText(
            Look look, List<ViewColumn> columns, List<ViewColumn> own, ViewColumn by, Comparator<String> words) {
        this.look = look;
        this.columns = columns;
        this.own = own;
        this.by = by;
        this.words = words;
    }

    private static Map<String, Figure> figuresByName() {
        var byName = new LinkedHashMap<String, Figure>();
        byName.put("how many", (figures, column) -> "%d, %d without".formatted(figures.count(), figures.missing()));
        byName.put("sum", Figure.amount(ColumnFigures::sum));
        byName.put("mean", Figure.amount(ColumnFigures::mean));
        byName.put("least", Figure.amount(ColumnFigures::least));
        byName.put("most", Figure.amount(ColumnFigures::most));
        return byName;
    }

    /** A tie of a board by the names of what it joins. */
    public record Tied(String from, String to, String words, boolean isDirected) {}

    /**
     * {@code columns} are all by which a look may sort, narrow and group; {@code own} are those of the student's own that may stand beside
     * each thing; {@code by} is what it is grouped by where the look does not say; {@code words} is the order of words.
     */
    public static Document of(
            List<Thing> things,
            Look look,
            List<ViewColumn> columns,
            List<ViewColumn> own,
            ViewColumn by,
            List<Tied> ties,
            Comparator<String> words) {
        var grouped = look.by().flatMap(key -> column(columns, key)).orElse(by);
        var text = new ViewText(look, columns, shown(look, own), grouped, words);
        return new Document(text.blocks(text.seen(things), ties));
    }

    /** Those that were chosen, else all of them. */
    private static List<ViewColumn> shown(Look look, List<ViewColumn> own) {
        var chosen = own.stream()
                .filter(column -> look.shown().contains(column.by().detail()))
                .toList();
        return (chosen.isEmpty() ? own : chosen).stream().limit(MOST_SHOWN).toList();
    }

    private static Optional<ViewColumn> column(List<ViewColumn> columns, String key) {
        return columns.stream()
                .filter(column -> column.by().detail().equals(key))
                .findFirst();
    }

    private List<Thing> seen(List<Thing> things) {
        return Sorting.of(look.narrowing().of(things), sorts(), words);
    }

    private List<SortKey> sorts() {
        var wished = look.sorts().stream().flatMap(sort -> column(columns, sort.detail()).stream()
                .map(column -> new SortKey(column.by(), sort.isFalling())));
        return switch (look.shape()) {
            case TIME ->
                Stream.concat(Stream.of(new SortKey(by.by(), false)), wished).toList();
            default -> wished.toList();
        };
    }

    private List<Block> blocks(List<Thing> seen, List<Tied> ties) {
        if (seen.isEmpty()) {
            return List.of(paragraph("Nothing is in this view."));
        }
        return switch (look.shape()) {
            case LIST, TABLE, TIME -> table(seen);
            case PICTURES, GROUPS -> isInGroups() ? groups(seen) : table(seen);
            case CHART -> chart(seen);
            case BOARD -> Stream.concat(table(seen).stream(), ties(ties)).toList();
        };
    }

    private boolean isInGroups() {
        return look.shape() == Shape.GROUPS
                || look.shape() == Shape.PICTURES && look.by().isPresent();
    }

    private List<Block> groups(List<Thing> seen) {
        var grouping = Grouping.of(seen, by.by(), words);
        var blocks = new ArrayList<Block>();
        grouping.groups().forEach(group -> {
            blocks.add(heading(
                    "%s (%d)".formatted(by.words(group.value()), group.things().size())));
            blocks.addAll(table(group.things()));
        });
        if (!grouping.without().isEmpty()) {
            blocks.add(heading(
                    "Without “%s” (%d)".formatted(by.name(), grouping.without().size())));
            blocks.addAll(table(grouping.without()));
        }
        return blocks;
    }

    /** A row for each thing; a column where nothing has a value is left out, and so is that of the groups. */
    private List<Block> table(List<Thing> things) {
        var beside = Stream.concat(own.stream(), look.shape() == Shape.LIST ? Stream.of(REASON) : Stream.empty())
                .filter(column -> !isInGroups() || !column.equals(by))
                .filter(column -> things.stream()
                        .anyMatch(thing -> !values(thing, column.by().detail()).isEmpty()))
                .toList();
        var rows = new ArrayList<List<Cell>>();
        rows.add(Stream.concat(Stream.of("Name"), beside.stream().map(ViewColumn::heading))
                .map(name -> cell(true, plain(name)))
                .toList());
        var figures = look.shape() == Shape.TABLE ? figures(things, beside) : List.<List<Cell>>of();
        var most = MOST_ROWS - figures.size();
        things.stream().limit(most).forEach(thing -> rows.add(row(thing, beside)));
        rows.addAll(figures);
        var more = things.size() - most;
        return more > 0
                ? List.of(new Table(rows), paragraph("And %,d more.".formatted(more)))
                : List.of(new Table(rows));
    }

    /** What the numbers of each column add up to, in rows below it; none where no column has numbers. */
    private static List<List<Cell>> figures(List<Thing> things, List<ViewColumn> beside) {
        var byColumn = beside.stream()
                .map(column -> column.by().scale() == Scale.NUMBERS
                        ? ColumnFigures.of(things, column.by().detail())
                        : Optional.<ColumnFigures>empty())
                .toList();
        return byColumn.stream().allMatch(Optional::isEmpty)
                ? List.of()
                : FIGURES.entrySet().stream()
                        .map(figure -> Stream.concat(
                                        Stream.of(cell(true, plain(figure.getKey()))),
                                        IntStream.range(0, beside.size())
                                                .mapToObj(at -> byColumn.get(at)
                                                        .map(found -> figure.getValue()
                                                                .of(found, beside.get(at)))
                                                        .orElse(""))
                                                .map(words -> cell(false, plain(words))))
                                .toList())
                        .toList();
    }

    /** One of the figures of a column, in words. */
    @FunctionalInterface
    private interface Figure {
        String of(ColumnFigures figures, ViewColumn column);

        static Figure amount(ToDoubleFunction<ColumnFigures> which) {
            return (figures, column) ->
                    ValueWords.digits(BigDecimal.valueOf(which.applyAsDouble(figures)), column.unit());
        }
    }

    private List<Cell> row(Thing thing, List<ViewColumn> beside) {
        return Stream.concat(
                        Stream.of(cell(false, name(thing))),
                        beside.stream()
                                .map(column -> values(thing, column.by().detail()).stream()
                                        .map(column::inColumn)
                                        .collect(joining(", ")))
                                .map(words -> cell(false, plain(words))))
                .toList();
    }

    private static Inline name(Thing thing) {
        var name = String.join("", values(thing, NAME));
        return values(thing, ADDRESS).stream()
                .findFirst()
                .<Inline>map(address -> new Text(name, Set.of(new Link(address))))
                .orElseGet(() -> plain(name));
    }

    private List<Block> chart(List<Thing> seen) {
        var number = look.number().flatMap(key -> column(columns, key));
        var height = number.isPresent() ? look.height() : Chart.Height.COUNT;
        var chart = Chart.of(
                seen, by.by(), height, number.map(one -> one.by().detail()).orElse(""), words);
        Function<Bar, String> amount = height == Chart.Height.COUNT
                ? bar -> String.valueOf(bar.count())
                : bar -> ValueWords.amount(
                        BigDecimal.valueOf(bar.amount()),
                        number.map(ViewColumn::unit).orElse(""));
        var rows = new ArrayList<List<Cell>>();
        rows.add(List.of(cell(true, plain(by.name())), cell(true, plain(says(height, number)))));
        chart.bars()
                .forEach(bar ->
                        rows.add(List.of(cell(false, plain(label(bar))), cell(false, plain(amount.apply(bar))))));
        var table = List.<Block>of(new Table(rows.subList(0, Math.min(rows.size(), MOST_ROWS))));
        return chart.without() == 0
                ? table
                : Stream.concat(
                                table.stream(),
                                Stream.of(paragraph("Without “%s”: %d".formatted(by.name(), chart.without()))))
                        .toList();
    }

    private static String says(Chart.Height height, Optional<ViewColumn> number) {
        var name = number.map(ViewColumn::name).orElse("");
        return switch (height) {
            case COUNT -> "How many";
            case SUM -> name + ", added up";
            case MEAN -> name + ", mean";
        };
    }

    private String label(Bar bar) {
        return bar.from().equals(bar.to()) ? by.words(bar.from()) : by.words(bar.from()) + " to " + by.words(bar.to());
    }

    private static Stream<Block> ties(List<Tied> ties) {
        var items = ties.stream()
                .map(tie -> List.of(paragraph("%s %s %s%s"
                        .formatted(
                                tie.from(),
                                tie.isDirected() ? "→" : "–",
                                tie.to(),
                                tie.words().isBlank() ? "" : ": " + tie.words()))))
                .toList();
        return items.isEmpty() ? Stream.empty() : Stream.of(heading("What is tied"), new BulletList(items));
    }

    private static List<String> values(Thing thing, String key) {
        return thing.values().getOrDefault(key, List.of());
    }

    private static Block heading(String words) {
        return new Heading(1, List.of(plain(words)));
    }

    private static Block paragraph(String words) {
        return new Paragraph(List.of(plain(words)));
    }

    private static Cell cell(boolean isHeader, Inline words) {
        return new Cell(isHeader, 1, 1, List.of(new Paragraph(words.words().isEmpty() ? List.of() : List.of(words))));
    }

    private static Inline plain(String words) {
        return new Text(words, Set.of());
    }
}
