package notchbook.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DocumentHtmlTest {
    @Test
    void saysWhatIsDoneInWords() {
        assertThat(html(new CheckList(List.of(
                        new CheckItem(true, List.of(words("Sketch"))),
                        new CheckItem(false, List.of(words("Ask about wind")))))))
                .containsSubsequence("[done]", "Sketch", "[open]", "Ask about wind");
    }

    @Test
    void putsTheSourceOfAQuotationBelowIt() {
        assertThat(html(new Quotation("The town <paper>", List.of(words("The wall cracked.")))))
                .isEqualTo(
                        "<blockquote><p>The wall cracked.</p><p class=\"source\">The town &lt;paper&gt;</p></blockquote>");
    }

    @Test
    void setsHeadingsBelowTheTitleThatStandsOverThem() {
        var document = new Document(List.of(new Document.Heading(1, List.of(new Text("Sound", Set.of())))));
        assertThat(new DocumentHtml(160, 1, FormulaSvg::write).write(document)).isEqualTo("<h2>Sound</h2>");
        assertThat(new DocumentHtml(160).write(document)).isEqualTo("<h3>Sound</h3>");
    }

    @Test
    void keepsJoinedCellsAndHeadings() {
        assertThat(html(new Table(List.of(List.of(
                        new Cell(true, 2, 1, List.of(words("Time"))), new Cell(false, 1, 3, List.of(words("s"))))))))
                .contains("<th colspan=\"2\" rowspan=\"1\"><p>Time</p></th>", "<td colspan=\"1\" rowspan=\"3\">");
    }

    @Test
    void lettersOfAFormulaAreOutlinesWithTheTexAsAlternative() {
        assertThat(html(new FormulaBlock("v = \\frac{2d}{t}")))
                .contains("<svg", "<path", "alt=\"v = \\frac{2d}{t}\"", "vertical-align")
                .doesNotContain("<text");
    }

    @Test
    void setsALongFormulaSmallerThanItsColumn() {
        var longFormula = new FormulaBlock("a" + " + b_{12} \\cdot c".repeat(40));
        var widthPt = new DocumentHtml(60)
                .write(new Document(List.of(longFormula)))
                .replaceFirst("(?s).* width=\"([0-9.]+)pt\".*", "$1");
        assertThat(Double.parseDouble(widthPt)).isBetween(100.0, 60 * 72 / 25.4);
    }

    @Test
    void givesColumnsWidthsThatFillTheTableAndNoMore() {
        var row = List.of(cell("s"), cell("What was seen at the second post on the beach"), cell("3.4"));
        assertThat(TableColumns.widths(new Table(List.of(row))))
                .satisfies(widths -> assertThat(Arrays.stream(widths).sum()).isCloseTo(1, within(1e-9)))
                .satisfies(widths -> assertThat(widths[1]).isGreaterThan(4 * widths[0]));
    }

    private static Cell cell(String words) {
        return new Cell(false, 1, 1, List.of(words(words)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\\frac{",
                "\\nosuchcommand",
                "\\includegraphics{/etc/passwd}",
                "\\newcommand{\\x}{\\x\\x}\\x",
                "\\def\\x{\\x}\\x",
                "}}}{{{",
                "<script>"
            })
    void showsTexThatCanNotBeSetAsItWasTyped(String tex) {
        assertThat(inline(new Formula(tex)))
                .doesNotContain("<script>")
                .matches("(?s)<p>(<code>.*</code>|<svg.*</svg\\s*>)</p>");
    }

    @Test
    void doesNotFallIntoBracketsWithoutEnd() {
        assertThat(inline(new Formula("{".repeat(900) + "}".repeat(900)))).startsWith("<p><code>");
    }

    @Test
    void nestsStylesAndEscapesAnAddress() {
        assertThat(inline(new Text("2", Set.of(Style.BOLD, Style.SUPERSCRIPT))))
                .isEqualTo("<p><sup><b>2</b></sup></p>");
        assertThat(inline(new Text("see", Set.of(new Link("https://skerrow.example/?a=\"b\"&c")))))
                .contains("href=\"https://skerrow.example/?a=&quot;b&quot;&amp;c\"");
    }

    private static Paragraph words(String words) {
        return new Paragraph(List.of(new Text(words, Set.of())));
    }

    private static String inline(Inline inline) {
        return html(new Paragraph(List.of(inline)));
    }

    private static String html(Block block) {
        return new DocumentHtml(178).write(new Document(List.of(block)));
    }
}
