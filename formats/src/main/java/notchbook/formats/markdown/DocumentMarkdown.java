package notchbook.formats.markdown;

import static java.util.Comparator.comparing;

import java.util.List;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Said;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableBody;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableHead;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.node.BlockQuote;
import org.commonmark.node.Emphasis;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.ListBlock;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.StrongEmphasis;

/** Typed text as a tree of Markdown. What Markdown has no sign for stands in its own: formulas as TeX between dollars. */
final class DocumentMarkdown {
    private DocumentMarkdown() {}

    static void addTo(Node parent, List<Block> blocks) {
        blocks.forEach(block -> parent.appendChild(node(block)));
    }

    private static Node node(Block block) {
        return switch (block) {
            case Paragraph paragraph -> line(new org.commonmark.node.Paragraph(), paragraph.content());
            case Heading heading -> line(heading(heading.level() + 2), heading.content());
            case BulletList list -> items(new org.commonmark.node.BulletList(), list.items());
            case NumberedList list -> items(numbered(list.start()), list.items());
            case CheckList list -> checks(list);
            case Quotation quotation -> quotation(quotation);
            case Table table -> table(table);
            case FormulaBlock formula -> words("$$" + formula.tex() + "$$");
        };
    }

    private static Node heading(int level) {
        var heading = new org.commonmark.node.Heading();
        heading.setLevel(level);
        return heading;
    }

    private static ListBlock numbered(int start) {
        var list = new OrderedList();
        list.setMarkerStartNumber(start);
        return list;
    }

    private static Node items(ListBlock list, List<List<Block>> items) {
        list.setTight(true);
        items.forEach(item -> {
            var node = new ListItem();
            addTo(node, item);
            list.appendChild(node);
        });
        return list;
    }

    private static Node checks(CheckList checks) {
        var list = new org.commonmark.node.BulletList();
        list.setTight(true);
        checks.items().forEach(check -> list.appendChild(check(check)));
        return list;
    }

    private static Node check(CheckItem check) {
        var item = new ListItem();
        addTo(item, check.content());
        var box = raw(check.isDone() ? "[x] " : "[ ] ");
        if (item.getFirstChild() instanceof org.commonmark.node.Paragraph first) {
            first.prependChild(box);
        }
        return item;
    }

    private static Node quotation(Quotation quotation) {
        var quote = new BlockQuote();
        addTo(quote, quotation.content());
        if (!quotation.source().isBlank()) {
            var source = new org.commonmark.node.Paragraph();
            source.appendChild(new org.commonmark.node.Text("(" + quotation.source() + ")"));
            quote.appendChild(source);
        }
        return quote;
    }

    /** Its first row is its head: Markdown has no table without one. Joined cells stand once, with empty ones after them. */
    private static Node table(Table table) {
        var block = new TableBlock();
        var columns = table.rows().stream()
                .mapToInt(row -> row.stream().mapToInt(Cell::columns).sum())
                .max()
                .orElse(1);
        var head = new TableHead();
        var body = new TableBody();
        for (var at = 0; at < table.rows().size(); at++) {
            (at == 0 ? head : body).appendChild(row(table.rows().get(at), columns, at == 0));
        }
        block.appendChild(head);
        if (body.getFirstChild() != null) {
            block.appendChild(body);
        }
        return block;
    }

    private static Node row(List<Cell> cells, int columns, boolean isHeader) {
        var row = new TableRow();
        var placed = 0;
        for (var cell : cells) {
            row.appendChild(cell(cell.content(), isHeader));
            for (var more = 1; more < cell.columns(); more++) {
                row.appendChild(cell(List.of(), isHeader));
            }
            placed += cell.columns();
        }
        for (; placed < columns; placed++) {
            row.appendChild(cell(List.of(), isHeader));
        }
        return row;
    }

    /** A cell is one line. */
    private static Node cell(List<Block> content, boolean isHeader) {
        var cell = new TableCell();
        cell.setHeader(isHeader);
        for (var block : content) {
            if (block instanceof Paragraph paragraph) {
                if (cell.getFirstChild() != null) {
                    cell.appendChild(raw("<br>"));
                }
                line(
                        cell,
                        paragraph.content().stream()
                                .filter(part -> !(part instanceof LineBreak))
                                .toList());
            }
        }
        return cell;
    }

    private static Node words(String raw) {
        var paragraph = new org.commonmark.node.Paragraph();
        paragraph.appendChild(raw(raw));
        return paragraph;
    }

    /** Written as it is, without anything put before its signs. */
    private static Node raw(String text) {
        var node = new HtmlInline();
        node.setLiteral(text);
        return node;
    }

    private static Node line(Node parent, List<Inline> content) {
        content.forEach(part -> parent.appendChild(
                switch (part) {
                    case LineBreak ignored -> new HardLineBreak();
                    case Formula formula -> raw("$" + formula.tex() + "$");
                    case Text text -> marked(text);
                }));
        return parent;
    }

    private static Node marked(Text text) {
        Node node = new org.commonmark.node.Text(text.text());
        for (var mark :
                text.marks().stream().sorted(comparing(Object::toString)).toList()) {
            node = wrapped(node, mark);
        }
        return node;
    }

    private static Node wrapped(Node node, Mark mark) {
        return switch (mark) {
            case Style.BOLD -> inside(new StrongEmphasis("**"), node);
            case Style.ITALIC -> inside(new Emphasis("*"), node);
            case Style.UNDERLINE -> between("u", node);
            case Style.SUBSCRIPT -> between("sub", node);
            case Style.SUPERSCRIPT -> between("sup", node);
            case Highlight ignored -> between("mark", node);
            case Passage ignored -> node;
            case Said ignored -> node;
            case Link link -> inside(new org.commonmark.node.Link(link.address(), null), node);
        };
    }

    private static Node inside(Node outer, Node inner) {
        outer.appendChild(inner);
        return outer;
    }

    /** The signs of HTML, which Markdown lets stand. */
    private static Node between(String tag, Node inner) {
        var both = new Span();
        both.appendChild(raw("<" + tag + ">"));
        both.appendChild(inner);
        both.appendChild(raw("</" + tag + ">"));
        return both;
    }
}
