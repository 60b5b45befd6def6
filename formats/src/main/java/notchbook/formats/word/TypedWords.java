package notchbook.formats.word;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;

/** Typed text with the styles of a word processor. A formula stands as its TeX, as it was typed. */
final class TypedWords {
    /** The title of a page has rank 1, that of a zone 2; headings in a text stand below them. */
    private static final int BELOW_A_ZONE = 2;

    private static final Spot PLAIN = new Spot("Normal", 0, Optional.empty());

    private final Paper paper;

    TypedWords(Paper paper) {
        this.paper = paper;
    }

    /** In which style a line stands, in how many lists, and of which list it bears the sign. */
    private record Spot(String style, int depth, Optional<BigInteger> sign) {
        Spot inside(BigInteger list) {
            return new Spot("ListParagraph", depth + 1, Optional.of(list));
        }

        /** Only the first line of an item has its sign. */
        Spot after() {
            return new Spot(style, depth, Optional.empty());
        }

        Spot quoted() {
            return new Spot("Quote", depth, sign);
        }
    }

    void add(Document document) {
        document.blocks().forEach(block -> add(block, PLAIN));
    }

    private void add(Block block, Spot spot) {
        switch (block) {
            case Paragraph paragraph -> line(spot, paragraph.content());
            case Heading heading ->
                line(new Spot("Heading" + (heading.level() + BELOW_A_ZONE), 0, Optional.empty()), heading.content());
            case BulletList list -> items(list.items(), spot.inside(paper.bullets()));
            case NumberedList list -> items(list.items(), spot.inside(paper.numbers(list.start(), spot.depth())));
            case CheckList list ->
                items(list.items().stream().map(TypedWords::ticked).toList(), spot.inside(paper.bullets()));
            case Quotation quotation -> {
                quotation.content().forEach(inner -> add(inner, spot.quoted()));
                if (!quotation.source().isBlank()) {
                    line(spot.quoted(), List.of(plain("(" + quotation.source() + ")")));
                }
            }
            case Table table -> {
                TableWords.add(table, paper.table());
                // Two tables that touch are one.
                paper.paragraph();
            }
            case FormulaBlock formula -> line(spot, List.of(new Formula(formula.tex())));
        }
    }

    private void items(List<List<Block>> items, Spot spot) {
        for (var item : items) {
            item.stream().limit(1).forEach(block -> add(block, spot));
            item.stream().skip(1).forEach(block -> add(block, spot.after()));
        }
    }

    /** The state stands in words, as a box alone says nothing to a screen reader. */
    private static List<Block> ticked(CheckItem item) {
        var state = plain(item.isDone() ? "[done] " : "[open] ");
        if (item.content().isEmpty() || !(item.content().getFirst() instanceof Paragraph(var content))) {
            return Stream.concat(Stream.of(new Paragraph(List.of(state))), item.content().stream())
                    .toList();
        }
        var first =
                new Paragraph(Stream.concat(Stream.of(state), content.stream()).toList());
        return Stream.concat(Stream.of(first), item.content().stream().skip(1)).toList();
    }

    private static Text plain(String words) {
        return new Text(words, Set.of());
    }

    private void line(Spot spot, List<Inline> content) {
        var line = paper.paragraph();
        line.setStyle(spot.style());
        spot.sign()
                .ifPresentOrElse(
                        list -> Paper.number(line, list, spot.depth()), () -> Paper.indent(line, spot.depth()));
        InlineWords.add(line, content);
    }
}
