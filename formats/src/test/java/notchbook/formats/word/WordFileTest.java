package notchbook.formats.word;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zwobble.mammoth.DocumentConverter;

class WordFileTest {
    @TempDir
    private Path folder;

    static Stream<Named<SectionSheet>> sections() {
        return Sections.all();
    }

    @ParameterizedTest
    @MethodSource("sections")
    void keepsToTheSchema(SectionSheet sheet) throws IOException {
        assertThat(WordFindings.of(written(sheet))).isEmpty();
    }

    @Test
    void saysWhatStaysOutAndWhatIsSaidInIt() throws IOException {
        try (var file = read(Sections.withSound(folder))) {
            assertThat(file.getParagraphs())
                    .extracting(XWPFParagraph::getText)
                    .containsSubsequence(
                            "Echoes",
                            "Wall",
                            "[Recording, 0:12: Wall]",
                            "There.",
                            "And back.",
                            "v = \\frac{s}{t}",
                            "[File: tides.csv]",
                            "Clock");
            assertThat(file.getProperties().getCoreProperties().getCreator()).isEqualTo("Marlo Quist");
        }
    }

    /** Another reader of such files finds the same structure as was typed. */
    @Test
    void keepsHeadingsListsLinksAndMarks() throws IOException {
        var page = html(
                new Heading(1, List.of(plain("Reflection"))),
                new Paragraph(List.of(
                        plain("An "),
                        new Text("echo", Set.of(Style.BOLD, Highlight.YELLOW)),
                        new Text("2", Set.of(Style.SUPERSCRIPT)),
                        new Text("more", Set.of(new Link("https://skerrow.example/echo"))))),
                new BulletList(List.of(
                        List.of(
                                line("wall"),
                                new NumberedList(1, List.of(List.of(line("near")), List.of(line("far"))))),
                        List.of(line("sea")))),
                new Quotation("Pell", List.of(line("Sound comes back."))));
        assertThat(page.select("h3").text()).isEqualTo("Reflection");
        assertThat(page.select("strong").text()).isEqualTo("echo");
        assertThat(page.select("sup").text()).isEqualTo("2");
        assertThat(page.select("a[href=https://skerrow.example/echo]").text()).isEqualTo("more");
        assertThat(page.select("ul > li > ol > li").eachText()).containsExactly("near", "far");
        assertThat(page.select("body > ul > li")).hasSize(2);
        assertThat(page.text()).contains("Sound comes back.", "(Pell)");
    }

    @Test
    void numbersEachListFromItsOwnStart() throws IOException {
        var lists = document(
                new NumberedList(1, List.of(List.of(line("one")), List.of(line("two")))),
                new NumberedList(5, List.of(List.of(line("five"), line("more of it")))));
        try (var file = read(lists)) {
            var numbered = file.getParagraphs().stream()
                    .filter(line -> line.getNumID() != null)
                    .toList();
            assertThat(numbered).extracting(XWPFParagraph::getText).containsExactly("one", "two", "five");
            assertThat(numbered.get(0).getNumID())
                    .isEqualTo(numbered.get(1).getNumID())
                    .isNotEqualTo(numbered.get(2).getNumID());
            assertThat(file.getNumbering()
                            .getNum(numbered.get(2).getNumID())
                            .getCTNum()
                            .getLvlOverrideArray(0)
                            .getStartOverride()
                            .getVal())
                    .hasToString("5");
        }
    }

    @Test
    void joinsCellsOverColumnsAndRows() throws IOException {
        var table = new Table(List.of(
                List.of(cell(2, 1, "distance"), cell(1, 2, "time")),
                List.of(cell(1, 1, "near"), cell(1, 1, "far")),
                List.of(cell(1, 1, "1"), cell(1, 1, "2"), cell(1, 1, "3"))));
        var rows = html(table).select("tr");
        assertThat(rows).hasSize(3);
        assertThat(rows.get(0).select("td[colspan=2]").text()).isEqualTo("distance");
        assertThat(rows.get(0).select("td[rowspan=2]").text()).isEqualTo("time");
        assertThat(rows.get(1).select("td").eachText()).containsExactly("near", "far");
        assertThat(WordFindings.of(written(document(table)))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "https://skerrow.example/a|b",
                "https://[",
                "https://skerrow.example/%zz",
                "https://a\\b",
                "mailto:a b@c d",
                "#spot-00000000-0000-0000-0000-000000000000",
                "https://skerrow.example/\u0000"
            })
    void keepsTheWordsOfLinksThatLeadNowhere(String address) throws IOException {
        var linked = new Paragraph(List.of(new Text("more", Set.of(new Link(address)))));
        try (var file = read(document(linked))) {
            assertThat(file.getParagraphs()).extracting(XWPFParagraph::getText).contains("more");
        }
    }

    @Test
    void saysWhichTasksAreDone() throws IOException {
        var checks =
                new CheckList(List.of(new CheckItem(true, List.of(line("time it"))), new CheckItem(false, List.of())));
        assertThat(html(checks).select("li").eachText()).containsExactly("[done] time it", "[open]");
    }

    @Test
    void runsFromRightToLeftWhereItsLettersDo() throws IOException {
        try (var file = read(document(line("لغة"), line("echo"), new FormulaBlock("v")))) {
            assertThat(file.getParagraphs().stream()
                            .filter(line -> line.getCTP().isSetPPr()
                                    && line.getCTP().getPPr().isSetBidi())
                            .map(XWPFParagraph::getText))
                    .containsExactly("لغة");
        }
    }

    private static Text plain(String words) {
        return new Text(words, Set.<Mark>of());
    }

    private static Paragraph line(String words) {
        return new Paragraph(List.of(plain(words)));
    }

    private static Cell cell(int columns, int rows, String words) {
        return new Cell(false, columns, rows, List.of(line(words)));
    }

    private static SectionSheet document(Block... blocks) {
        return Sections.typed(new Document(List.of(blocks)));
    }

    private static org.jsoup.nodes.Document html(Block... blocks) throws IOException {
        var converted = new DocumentConverter().convertToHtml(new ByteArrayInputStream(written(document(blocks))));
        assertThat(converted.getWarnings().stream()
                        .filter(warning -> !warning.contains("Unrecognised"))
                        .collect(joining()))
                .isEmpty();
        return Jsoup.parse(converted.getValue());
    }

    private static XWPFDocument read(SectionSheet sheet) throws IOException {
        return new XWPFDocument(new ByteArrayInputStream(written(sheet)));
    }

    private static byte[] written(SectionSheet sheet) throws IOException {
        var out = new ByteArrayOutputStream();
        WordFile.write(sheet, out);
        return out.toByteArray();
    }
}
