package notchbook.core.text;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;

/** Words of a text that cite things of a collection: they lead to {@code #thing-} and its id. */
public final class Citing {
    private Citing() {}

    /** The things that a text cites, in the order in which it does first. */
    public static List<UUID> things(Document text) {
        return text.lines().stream()
                .flatMap(line -> line.content().stream())
                .flatMap(inline -> inline instanceof Text words ? words.marks().stream() : Stream.empty())
                .flatMap(mark -> mark instanceof Link link ? link.thing().stream() : Stream.empty())
                .distinct()
                .toList();
    }

    /**
     * The same text for readers elsewhere: what cites a thing leads where the thing itself does, or nowhere, and says what
     * {@code worded} makes of its words.
     */
    public static Document ledOn(
            Document text, Function<UUID, Optional<String>> addressOf, BiFunction<UUID, String, String> worded) {
        return new Document(blocks(text.blocks(), words -> ledOn(words, addressOf, worded)));
    }

    private static Text ledOn(
            Text words, Function<UUID, Optional<String>> addressOf, BiFunction<UUID, String, String> worded) {
        var thing = words.marks().stream()
                .flatMap(mark -> mark instanceof Link link ? link.thing().stream() : Stream.empty())
                .findFirst();
        return thing.map(cited -> new Text(worded.apply(cited, words.text()), marks(words.marks(), addressOf)))
                .orElse(words);
    }

    private static List<Block> blocks(List<Block> blocks, UnaryOperator<Text> change) {
        return blocks.stream().map(block -> block(block, change)).toList();
    }

    private static Block block(Block block, UnaryOperator<Text> change) {
        return switch (block) {
            case Paragraph paragraph -> new Paragraph(inline(paragraph.content(), change));
            case Heading heading -> new Heading(heading.level(), inline(heading.content(), change));
            case BulletList list -> new BulletList(items(list.items(), change));
            case NumberedList list -> new NumberedList(list.start(), items(list.items(), change));
            case CheckList list ->
                new CheckList(list.items().stream()
                        .map(item -> new CheckItem(item.isDone(), blocks(item.content(), change)))
                        .toList());
            case Quotation quotation -> new Quotation(quotation.source(), blocks(quotation.content(), change));
            case Table table ->
                new Table(table.rows().stream()
                        .map(row -> row.stream()
                                .map(cell -> new Cell(
                                        cell.isHeader(), cell.columns(), cell.rows(), blocks(cell.content(), change)))
                                .toList())
                        .toList());
            case FormulaBlock formula -> formula;
        };
    }

    private static List<List<Block>> items(List<List<Block>> items, UnaryOperator<Text> change) {
        return items.stream().map(item -> blocks(item, change)).toList();
    }

    private static List<Inline> inline(List<Inline> content, UnaryOperator<Text> change) {
        return content.stream()
                .<Inline>map(one -> one instanceof Text words ? change.apply(words) : one)
                .toList();
    }

    private static Set<Mark> marks(Set<Mark> marks, Function<UUID, Optional<String>> addressOf) {
        return marks.stream()
                .flatMap(mark -> mark instanceof Link link && link.thing().isPresent()
                        ? link.thing().flatMap(addressOf).map(Link::new).stream()
                        : Stream.of(mark))
                .collect(toSet());
    }
}
