package notchbook.core.text;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
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

    /** The same text for readers elsewhere: what cites a thing leads where the thing itself does, or nowhere. */
    public static Document ledOn(Document text, Function<UUID, Optional<String>> addressOf) {
        return new Document(blocks(text.blocks(), addressOf));
    }

    private static List<Block> blocks(List<Block> blocks, Function<UUID, Optional<String>> addressOf) {
        return blocks.stream().map(block -> block(block, addressOf)).toList();
    }

    private static Block block(Block block, Function<UUID, Optional<String>> addressOf) {
        return switch (block) {
            case Paragraph paragraph -> new Paragraph(inline(paragraph.content(), addressOf));
            case Heading heading -> new Heading(heading.level(), inline(heading.content(), addressOf));
            case BulletList list -> new BulletList(items(list.items(), addressOf));
            case NumberedList list -> new NumberedList(list.start(), items(list.items(), addressOf));
            case CheckList list ->
                new CheckList(list.items().stream()
                        .map(item -> new CheckItem(item.isDone(), blocks(item.content(), addressOf)))
                        .toList());
            case Quotation quotation -> new Quotation(quotation.source(), blocks(quotation.content(), addressOf));
            case Table table ->
                new Table(table.rows().stream()
                        .map(row -> row.stream()
                                .map(cell -> new Cell(
                                        cell.isHeader(),
                                        cell.columns(),
                                        cell.rows(),
                                        blocks(cell.content(), addressOf)))
                                .toList())
                        .toList());
            case FormulaBlock formula -> formula;
        };
    }

    private static List<List<Block>> items(List<List<Block>> items, Function<UUID, Optional<String>> addressOf) {
        return items.stream().map(item -> blocks(item, addressOf)).toList();
    }

    private static List<Inline> inline(List<Inline> content, Function<UUID, Optional<String>> addressOf) {
        return content.stream()
                .map(one -> one instanceof Text words ? new Text(words.text(), marks(words.marks(), addressOf)) : one)
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
