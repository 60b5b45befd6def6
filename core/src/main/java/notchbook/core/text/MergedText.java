package notchbook.core.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Text;

/**
 * Two changes of one text as one text (docs/rules.md, Merging): block by block, then word by word. Blocks that both sides
 * add at one place both stand; where both changed the same words there is no one text.
 */
public final class MergedText {
    private static final Pattern WORD_OR_SPACE = Pattern.compile("\\s+|[\\p{L}\\p{N}\\p{M}’'-]+|.", Pattern.DOTALL);

    private static final ThreeWay<Block> BLOCKS = new ThreeWay<>(MergedText::blocks);
    private static final ThreeWay<List<Block>> ITEMS =
            new ThreeWay<>((base, mine, theirs) -> both(base, mine, theirs, (was, a, b) -> BLOCKS.merge(was, a, b)));
    private static final ThreeWay<CheckItem> CHECKS =
            new ThreeWay<>((base, mine, theirs) -> both(base, mine, theirs, MergedText::check));
    private static final ThreeWay<Inline> WORDS = new ThreeWay<>((base, mine, theirs) -> Optional.empty());

    private MergedText() {}

    /** The one text; empty when both sides changed the same words. */
    public static Optional<Document> of(Document base, Document mine, Document theirs) {
        return BLOCKS.merge(base.blocks(), mine.blocks(), theirs.blocks()).map(Document::new);
    }

    private interface Three<T> {
        Optional<T> merge(T base, T mine, T theirs);
    }

    private static Optional<List<Block>> blocks(List<Block> base, List<Block> mine, List<Block> theirs) {
        return both(base, mine, theirs, MergedText::block);
    }

    /** Things that both added stand one after the other; as many as there were are merged one by one. */
    private static <T> Optional<List<T>> both(List<T> base, List<T> mine, List<T> theirs, Three<T> one) {
        if (base.isEmpty()) {
            return Optional.of(Stream.concat(theirs.stream(), mine.stream()).toList());
        }
        if (mine.size() != base.size() || theirs.size() != base.size()) {
            return Optional.empty();
        }
        var merged = new ArrayList<T>();
        for (var i = 0; i < base.size(); i++) {
            var part = same(base.get(i), mine.get(i), theirs.get(i), one);
            if (part.isEmpty()) {
                return Optional.empty();
            }
            merged.add(part.get());
        }
        return Optional.of(merged);
    }

    private static <T> Optional<T> same(T base, T mine, T theirs, Three<T> otherwise) {
        if (mine.equals(theirs) || theirs.equals(base)) {
            return Optional.of(mine);
        }
        return mine.equals(base) ? Optional.of(theirs) : otherwise.merge(base, mine, theirs);
    }

    private static Optional<Block> block(Block base, Block mine, Block theirs) {
        return switch (base) {
            case Paragraph was
            when mine instanceof Paragraph a && theirs instanceof Paragraph b ->
                words(was, a, b, Paragraph::content).map(Paragraph::new);
            case Heading was
            when mine instanceof Heading a && theirs instanceof Heading b && a.level() == b.level() ->
                words(was, a, b, Heading::content).map(words -> new Heading(a.level(), words));
            case BulletList was
            when mine instanceof BulletList a && theirs instanceof BulletList b ->
                ITEMS.merge(was.items(), a.items(), b.items()).map(BulletList::new);
            case NumberedList was
            when mine instanceof NumberedList a && theirs instanceof NumberedList b && a.start() == b.start() ->
                ITEMS.merge(was.items(), a.items(), b.items()).map(items -> new NumberedList(a.start(), items));
            case CheckList was
            when mine instanceof CheckList a && theirs instanceof CheckList b ->
                CHECKS.merge(was.items(), a.items(), b.items()).map(CheckList::new);
            case Quotation was
            when mine instanceof Quotation a
                    && theirs instanceof Quotation b
                    && a.source().equals(b.source()) ->
                BLOCKS.merge(was.content(), a.content(), b.content()).map(said -> new Quotation(a.source(), said));
            default -> Optional.empty();
        };
    }

    private static Optional<CheckItem> check(CheckItem base, CheckItem mine, CheckItem theirs) {
        var isDone = mine.isDone() == base.isDone() ? theirs.isDone() : mine.isDone();
        return BLOCKS.merge(base.content(), mine.content(), theirs.content())
                .map(content -> new CheckItem(isDone, content));
    }

    private static <T> Optional<List<Inline>> words(T base, T mine, T theirs, Function<T, List<Inline>> content) {
        return WORDS.merge(pieces(content.apply(base)), pieces(content.apply(mine)), pieces(content.apply(theirs)))
                .map(MergedText::joined);
    }

    private static List<Inline> pieces(List<Inline> line) {
        return line.stream()
                .flatMap(part -> part instanceof Text text
                        ? WORD_OR_SPACE
                                .matcher(text.text())
                                .results()
                                .map(found -> new Text(found.group(), text.marks()))
                        : Stream.of(part))
                .toList();
    }

    private static List<Inline> joined(List<Inline> pieces) {
        var line = new ArrayList<Inline>();
        for (var piece : pieces) {
            if (piece instanceof Text now
                    && !line.isEmpty()
                    && line.getLast() instanceof Text before
                    && before.marks().equals(now.marks())) {
                line.set(line.size() - 1, new Text(before.text() + now.text(), now.marks()));
            } else {
                line.add(piece);
            }
        }
        return line;
    }
}
