package notchbook.formats.file;

import static java.nio.charset.StandardCharsets.UTF_16;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import notchbook.core.text.Document;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import notchbook.formats.document.DocumentJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FileTextTest {
    private static final String WORDS = "<w:p><w:r><w:t>Sound needs a medium.</w:t></w:r></w:p>";

    @Test
    void readsAWordDocumentWithItsBoldAndItsTable() {
        var bold =
                "<w:p><w:r><w:t xml:space=\"preserve\">So </w:t></w:r><w:r><w:rPr><w:b/></w:rPr><w:t>thick</w:t></w:r></w:p>";
        var table = "<w:tbl><w:tr><w:tc><w:p><w:r><w:t>Try</w:t></w:r></w:p></w:tc></w:tr></w:tbl>";
        var document = read("notes.docx", Archives.docx(bold + table));
        assertThat(document.blocks().getFirst())
                .isEqualTo(new Paragraph(List.of(new Text("So ", Set.of()), new Text("thick", Set.of(Style.BOLD)))));
        assertThat(document.blocks().get(1)).isInstanceOf(Table.class);
    }

    @Test
    void readsAnOpenDocumentText() {
        var body =
                "<text:h text:outline-level=\"2\">Echo</text:h><text:p>There <text:span text:style-name=\"T1\">and back"
                        + "</text:span></text:p><text:list><text:list-item><text:p>wall</text:p></text:list-item></text:list>";
        var document = read("notes.odt", Archives.odt(body));
        assertThat(document.plainText()).isEqualTo("Echo\nThere and back\nwall");
        assertThat(document.blocks().getFirst()).isEqualTo(new Heading(2, List.of(new Text("Echo", Set.of()))));
    }

    @Test
    void readsASheetAsATableWithItsName() {
        var rows =
                "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>Try</t></is></c><c r=\"B1\" t=\"inlineStr\"><is><t>s</t></is></c></row>"
                        + "<row r=\"2\"><c r=\"A2\"><v>1</v></c><c r=\"B2\"><v>0.28</v></c></row>";
        assertThat(read("times.xlsx", Archives.xlsx(rows)).plainText()).isEqualTo("Echoes\nTry\ts\n1\t0.28");
    }

    @Test
    void readsMarkdown() {
        var text =
                "# Echo\n\nThere **and** back, see [more](https://skerrow.example).\n\n> It cracked.\n\n- [x] sketch\n- [ ] ask\n\n"
                        + "| Try | s |\n|---|---|\n| 1 | 0.28 |\n";
        var document = read("echo.md", text);
        assertThat(document.blocks().getFirst()).isEqualTo(new Heading(1, List.of(new Text("Echo", Set.of()))));
        assertThat(document.blocks().get(1))
                .extracting(block -> ((Paragraph) block).content())
                .asList()
                .contains(
                        new Text("and", Set.of(Style.BOLD)),
                        new Text("more", Set.of(new Link("https://skerrow.example"))));
        assertThat(document.blocks().get(2)).isInstanceOf(Quotation.class);
        assertThat(((CheckList) document.blocks().get(3)).items())
                .extracting(CheckItem::isDone)
                .containsExactly(true, false);
        assertThat(document.plainText()).endsWith("Try\ts\n1\t0.28");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Try,s\n1,\"0,28\"", "Try;s\n1;0,28", "Try\ts\n1\t0,28"})
    void readsATableWhateverSeparatesIt(String text) {
        assertThat(read("times.csv", text).plainText()).isEqualTo("Try\ts\n1\t0,28");
    }

    @Test
    void takesOnlyWordsOutOfAWebPage() {
        var text = """
                <html><head><title>T</title><style>p{}</style></head><body onload="x()"><script>alert(1)</script>
                <p onclick="x()">Sound <b>needs</b> a medium.</p><iframe src="https://skerrow.example"></iframe>
                <img src="https://skerrow.example/spy.png"><a href="javascript:alert(1)">here</a></body></html>""";
        var document = read("page.html", text);
        assertThat(document.plainText()).isEqualTo("Sound needs a medium.\nhere");
        assertThat(DocumentJson.write(document)).doesNotContain("javascript", "skerrow", "alert");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Звук отражается.", "الصوت ينعكس.", "声は返る。", "👩‍🔬 works"})
    void keepsAnyScript(String words) {
        assertThat(read("a.txt", words).plainText()).isEqualTo(words);
        assertThat(read("a.txt", words.getBytes(UTF_16)).plainText()).isEqualTo(words);
        assertThat(read("a.docx", Archives.docx(WORDS.replace("Sound needs a medium.", words)))
                        .plainText())
                .isEqualTo(words);
        assertThat(read("a.odt", Archives.odt("<text:p>" + words + "</text:p>")).plainText())
                .isEqualTo(words);
    }

    @Test
    void readsTheCodePageOfOlderPrograms() {
        assertThat(read("a.txt", new byte[] {'c', 'a', 'f', (byte) 0xE9}).plainText())
                .isEqualTo("café");
    }

    @Test
    void takesALinkOfADocumentForNoHarm() {
        var link = "Id=\"l\" Type=\"{type}hyperlink\" Target=\"https://skerrow.example\" TargetMode=\"External\"";
        assertThat(read("a.docx", Archives.docx(WORDS, link)).plainText()).isEqualTo("Sound needs a medium.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"attachedTemplate", "image", "oleObject", "frame"})
    void refusesADocumentThatFetchesSomething(String type) {
        var relation = "Id=\"x\" Type=\"{type}" + type + "\" Target=\"http://10.0.0.1/x\" TargetMode=\"External\"";
        assertRefused(Archives.docx(WORDS, relation), "fetches something from outside");
    }

    @Test
    void refusesWhatIsHugeInside() {
        assertRefused(
                Archives.zip("word/document.xml", "x", "word/media/zeros", "0".repeat(101_000_000)),
                "far larger inside");
    }

    @Test
    void refusesEntitiesHoweverTheyAreWritten() {
        var bomb = "<!DOCTYPE x [<!ENTITY a \"aaaa\">]><x>&a;</x>";
        assertRefused(Archives.zip("word/document.xml", bomb), "declares things of its own");
        assertRefused(
                Archives.zip("content.xml", bomb, "mimetype", "application/vnd.oasis.opendocument.text"), "declares");
    }

    @Test
    void refusesWhatIsBrokenCutOffOrNoDocument() {
        var whole = Archives.docx(WORDS);
        assertRefused(Arrays.copyOf(whole, whole.length / 2), "broken");
        assertRefused(Archives.docx("<w:p>"), "broken inside");
        assertRefused(Archives.zip("a.txt", "x"), "no document that can be read here");
        assertRefused(Archives.xlsx("<row"), "broken inside");
        assertRefused(new byte[] {0, 1, 2, 3}, "no document that can be read here");
        assertRefused("  \n ".getBytes(UTF_8), "no words");
        assertRefused(new byte[FileText.MOST_BYTES + 1], "20 MB");
        assertThatThrownBy(() -> read("a.csv", "a,\"b")).hasMessageContaining("quotation mark");
        assertThatThrownBy(() -> read("a.csv", "x,".repeat(40))).hasMessageContaining("30 columns");
    }

    @Test
    void takesMarkupHoweverDeepItIs() {
        assertThat(read("a.html", "<ul><li>".repeat(3_000) + "deep").plainText())
                .contains("deep");
        assertThat(read("a.html", "<b><i>".repeat(3_000) + "deep").plainText()).contains("deep");
        var spans = "<text:span>".repeat(20_000) + "deep" + "</text:span>".repeat(20_000);
        assertThat(read("a.odt", Archives.odt("<text:p>" + spans + "</text:p>")).plainText())
                .contains("deep");
    }

    private static void assertRefused(byte[] file, String why) {
        assertThatThrownBy(() -> read("a.docx", file))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }

    private static Document read(String name, String text) {
        return read(name, text.getBytes(UTF_8));
    }

    private static Document read(String name, byte[] content) {
        return FileText.read(name, Archives.file(content));
    }

    /** Each is one line that goes on and on; a reader that goes down one call for each of its signs would fall. */
    @ParameterizedTest
    @CsvSource({
        "deep.md,'> '",
        "deep.md,'- '",
        "deep.md,'1. '",
        "deep.md,[",
        "deep.md,'*a '",
        "deep.html,<div>",
        "deep.html,<b>",
        "deep.html,<ul><li>"
    })
    void readsOrRefusesWhatIsNestedWithoutEnd(String name, String sign) {
        var content = (sign.repeat(5_000) + " echo").getBytes(UTF_8);
        try {
            assertThat(read(name, content).plainText()).contains("echo");
        } catch (IllegalArgumentException refused) {
            assertThat(refused).hasMessageContaining("nested too deeply");
        }
    }
}
