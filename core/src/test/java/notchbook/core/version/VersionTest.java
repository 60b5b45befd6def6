package notchbook.core.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import notchbook.core.text.Document;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;

class VersionTest {
    /** The front end counts the places of this document in the same way (web/src/features/text/placed.test.ts). */
    @Test
    void countsThePlacesOfATextInItsLinesJoinedByLineBreaks() {
        var document = new Document(List.of(
                new Heading(1, List.of(text("Echo"))),
                new Paragraph(List.of(text("Speed is "), new Formula("d/t"), new LineBreak(), text("here."))),
                new BulletList(List.of(List.of(new Paragraph(List.of(text("wall")))))),
                new Paragraph(List.of())));
        assertThat(new Version.Text(document).words()).isEqualTo("Echo\nSpeed is d/t\nhere.\nwall\n");
    }

    private static Text text(String words) {
        return new Text(words, Set.of());
    }
}
