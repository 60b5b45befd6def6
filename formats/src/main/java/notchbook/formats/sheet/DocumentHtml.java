package notchbook.formats.sheet;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.Arrays;
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

/** Typed text as XHTML that fits a width in mm: formulas as they are wanted, tables with columns of stated widths. */
public final class DocumentHtml {
    private static final double POINTS_PER_MM = 72 / 25.4;

    // What the style sheet takes from the width of what stands in a list or in a quotation.
    private static final double LIST_MM = 6;
    private static final double QUOTATION_MM = 5;
    private static final double CELL_MM = 4;
    private static final double FORMULA_INDENT_PT = 14;

    /** Writes a formula within a width in points, on a line of its own or within one. */
    public interface FormulaWriter {
        String write(String tex, boolean isOwnLine, double widthPt);
    }

    /** The rank of the title over a page of a PDF: headings stand below it. */
    private static final int BELOW_A_PAGE = 2;

    private final double widthMm;
    private final int rankAbove;
    private final FormulaWriter formulas;

    public DocumentHtml(double widthMm) {
        this(widthMm, BELOW_A_PAGE, FormulaSvg::write);
    }

    /** {@code rankAbove} is that of the title over the text. */
    public DocumentHtml(double widthMm, int rankAbove, FormulaWriter formulas) {
        this.widthMm = widthMm;
        this.rankAbove = rankAbove;
        this.formulas = formulas;
    }

    public String write(Document document) {
        return blocks(document.blocks());
    }

    private double widthPt() {
        return widthMm * POINTS_PER_MM;
    }

    private DocumentHtml narrower(double byMm) {
        return new DocumentHtml(widthMm - byMm, rankAbove, formulas);
    }

    private String blocks(List<Block> blocks) {
        return blocks.stream().map(this::block).collect(joining());
    }

    private String block(Block block) {
        return switch (block) {
            case Paragraph paragraph -> "<p>" + inline(paragraph.content()) + "</p>";
            case Heading heading ->
                "<h%d>%s</h%d>"
                        .formatted(heading.level() + rankAbove, inline(heading.content()), heading.level() + rankAbove);
            case BulletList list -> "<ul>" + narrower(LIST_MM).items(list.items()) + "</ul>";
            case NumberedList list ->
                "<ol start=\"" + list.start() + "\">" + narrower(LIST_MM).items(list.items()) + "</ol>";
            case CheckList list ->
                "<ul class=\"checks\">"
                        + list.items().stream()
                                .map(narrower(LIST_MM)::checkItem)
                                .collect(joining()) + "</ul>";
            case Quotation quotation ->
                "<blockquote>" + narrower(QUOTATION_MM).blocks(quotation.content()) + source(quotation.source())
                        + "</blockquote>";
            case Table table -> table(table);
            case FormulaBlock formula ->
                "<div class=\"formula\">" + formulas.write(formula.tex(), true, widthPt() - FORMULA_INDENT_PT)
                        + "</div>";
        };
    }

    private String items(List<List<Block>> items) {
        return items.stream().map(item -> "<li>" + blocks(item) + "</li>").collect(joining());
    }

    /** The state stands in words too, since a box alone says nothing to a screen reader. */
    private String checkItem(CheckItem item) {
        return "<li><span class=\"box\">" + (item.isDone() ? "[done]" : "[open]") + "</span> " + blocks(item.content())
                + "</li>";
    }

    private static String source(String source) {
        return source.isBlank() ? "" : "<p class=\"source\">" + escaped(source) + "</p>";
    }

    /** Fixed widths, so that no cell can push another off the sheet; letters smaller where there are many columns. */
    private String table(Table table) {
        var widths = TableColumns.widths(table);
        return "<table class=\"%s\"><colgroup>%s</colgroup>%s</table>"
                .formatted(
                        look(widths.length),
                        Arrays.stream(widths)
                                .mapToObj(share -> "<col style=\"width:%.2f%%\"/>".formatted(100 * share))
                                .collect(joining()),
                        table.rows().stream().map(row -> row(row, widths)).collect(joining()));
    }

    private static String look(int columns) {
        return columns > 20 ? "data tiny" : columns > 12 ? "data smaller" : columns > 7 ? "data small" : "data";
    }

    private String row(List<Cell> row, double[] widths) {
        var inside = new DocumentHtml(
                Math.max(1, widthMm * Arrays.stream(widths).min().orElse(1) - CELL_MM), rankAbove, formulas);
        return "<tr>" + row.stream().map(inside::cell).collect(joining()) + "</tr>";
    }

    private String cell(Cell cell) {
        var tag = cell.isHeader() ? "th" : "td";
        return "<%s colspan=\"%d\" rowspan=\"%d\">%s</%s>"
                .formatted(tag, cell.columns(), cell.rows(), blocks(cell.content()), tag);
    }

    private String inline(List<Inline> content) {
        return content.stream()
                .map(part -> switch (part) {
                    case LineBreak ignored -> "<br/>";
                    case Formula formula -> formulas.write(formula.tex(), false, widthPt());
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
            case Link link -> "<a href=\"%s\" title=\"%1$s\">%s</a>".formatted(escaped(link.address()), html);
        };
    }
}
