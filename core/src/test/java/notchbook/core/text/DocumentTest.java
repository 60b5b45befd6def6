package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;

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
    void isBlankWhenOnlySpaceIsTyped() {
        assertThat(new Document(List.of(new Paragraph(List.of(text("  "))))).isBlank())
                .isTrue();
    }

    private static Text text(String text) {
        return new Text(text, Set.of());
    }
}
