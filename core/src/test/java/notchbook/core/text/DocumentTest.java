package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DocumentTest {
    @Test
    void givesItsWordsALineForEachBlock() {
        var document = new Document(List.of(
                new Heading(1, List.of(text("Echo"))),
                new Paragraph(List.of(text("there"), new LineBreak(), text("and back"))),
                new BulletList(List.of(List.of(new Paragraph(List.of(text("wall"))))))));
        assertThat(document.plainText()).isEqualTo("Echo\nthere\nand back\nwall");
    }

    @Test
    void givesTheWordsOfTablesQuotationsChecksAndFormulas() {
        var document = new Document(List.of(
                new Table(List.of(List.of(cell("try"), cell("s")), List.of(cell("1"), cell("0.28")))),
                new Quotation("The town paper", List.of(new Paragraph(List.of(text("It cracked."))))),
                new CheckList(List.of(new CheckItem(true, List.of(new Paragraph(List.of(text("Sketch"))))))),
                new FormulaBlock("2d = vt"),
                new Paragraph(List.of(text("so "), new Formula("v")))));
        assertThat(document.plainText())
                .isEqualTo("try\ts\n1\t0.28\nIt cracked.\nThe town paper\nSketch\n2d = vt\nso v");
    }

    @ParameterizedTest
    @CsvSource({
        "https://skerrow.example,true",
        "HTTP://skerrow.example,true",
        "mailto:warden@skerrow.example,true",
        "javascript:alert(1),false",
        "https://,false",
        "//skerrow.example,false",
        "skerrow.example,false",
        "'',false"
    })
    void linksLeadToTheWebOrToMail(String address, boolean isFine) {
        assertThat(catchThrowable(() -> new Link(address)) == null).isEqualTo(isFine);
    }

    @Test
    void refusesWhatNoNoteHolds() {
        assertThatThrownBy(() -> new Formula("x".repeat(2_001))).hasMessageContaining("2,000 characters");
        assertThatThrownBy(() -> new FormulaBlock("x".repeat(2_001))).hasMessageContaining("2,000 characters");
        assertThatThrownBy(() -> new Quotation("x".repeat(301), List.of())).hasMessageContaining("300 characters");
        assertThatThrownBy(() -> new Table(Collections.nCopies(1_001, List.of())))
                .hasMessageContaining("1,000 rows");
        assertThatThrownBy(() -> new Link("gopher:" + "x".repeat(500))).hasMessageContaining("x…");
    }

    @Test
    void isBlankWhenOnlySpaceIsTyped() {
        assertThat(new Document(List.of(new Paragraph(List.of(text("  "))))).isBlank())
                .isTrue();
    }

    private static Cell cell(String words) {
        return new Cell(false, 1, 1, List.of(new Paragraph(List.of(text(words)))));
    }

    private static Text text(String text) {
        return new Text(text, Set.of());
    }
}
