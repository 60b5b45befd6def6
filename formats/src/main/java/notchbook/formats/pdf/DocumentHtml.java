package notchbook.formats.pdf;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.List;
import java.util.Locale;
import notchbook.core.text.Document;
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

/** Typed text as XHTML, formulas as vector drawings. */
final class DocumentHtml {
    private DocumentHtml() {}

    static String write(Document document) {
        return blocks(document.blocks());
    }

    private static String blocks(List<Block> blocks) {
        return blocks.stream().map(DocumentHtml::block).collect(joining());
    }

    private static String block(Block block) {
        return switch (block) {
            case Paragraph paragraph -> "<p>" + inline(paragraph.content()) + "</p>";
            case Heading heading ->
                "<h%d>%s</h%d>".formatted(heading.level() + 2, inline(heading.content()), heading.level() + 2);
            case BulletList list -> "<ul>" + items(list.items()) + "</ul>";
            case NumberedList list -> "<ol start=\"" + list.start() + "\">" + items(list.items()) + "</ol>";
            case CheckList list ->
                "<ul class=\"checks\">"
                        + list.items().stream().map(DocumentHtml::checkItem).collect(joining()) + "</ul>";
            case Quotation quotation ->
                "<blockquote>" + blocks(quotation.content()) + source(quotation.source()) + "</blockquote>";
            case Table table ->
                "<table>" + table.rows().stream().map(DocumentHtml::row).collect(joining()) + "</table>";
            case FormulaBlock formula -> "<div class=\"formula\">" + FormulaSvg.write(formula.tex(), true) + "</div>";
        };
    }

    private static String items(List<List<Block>> items) {
        return items.stream().map(item -> "<li>" + blocks(item) + "</li>").collect(joining());
    }

    /** The state stands in words too, since a box alone says nothing to a screen reader. */
    private static String checkItem(CheckItem item) {
        return "<li><span class=\"box\">" + (item.isDone() ? "[done]" : "[open]") + "</span> " + blocks(item.content())
                + "</li>";
    }

    private static String source(String source) {
        return source.isBlank() ? "" : "<p class=\"source\">" + escaped(source) + "</p>";
    }

    private static String row(List<Cell> row) {
        return "<tr>" + row.stream().map(DocumentHtml::cell).collect(joining()) + "</tr>";
    }

    private static String cell(Cell cell) {
        var tag = cell.isHeader() ? "th" : "td";
        return "<%s colspan=\"%d\" rowspan=\"%d\">%s</%s>"
                .formatted(tag, cell.columns(), cell.rows(), blocks(cell.content()), tag);
    }

    private static String inline(List<Inline> content) {
        return content.stream()
                .map(part -> switch (part) {
                    case LineBreak ignored -> "<br/>";
                    case Formula formula -> FormulaSvg.write(formula.tex(), false);
                    case Text text -> marked(text);
                })
                .collect(joining());
    }

    private static String marked(Text text) {
        var html = escaped(text.text());
        for (var mark :
                text.marks().stream().sorted(comparing(Object::toString)).toList()) {
            html = wrapped(html, mark);
        }
        return html;
    }

    private static String wrapped(String html, Mark mark) {
        return switch (mark) {
            case Style.BOLD -> "<b>" + html + "</b>";
            case Style.ITALIC -> "<i>" + html + "</i>";
            case Style.UNDERLINE -> "<u>" + html + "</u>";
            case Style.SUBSCRIPT -> "<sub>" + html + "</sub>";
            case Style.SUPERSCRIPT -> "<sup>" + html + "</sup>";
            case Highlight colour ->
                "<span class=\"" + colour.name().toLowerCase(Locale.ROOT) + "\">" + html + "</span>";
            case Passage ignored -> html;
            case Said ignored -> html;
            case Link link -> "<a href=\"" + escaped(link.address()) + "\">" + html + "</a>";
        };
    }
}
