package notchbook.core.text;

import static notchbook.core.text.Texts.passage;
import static notchbook.core.text.Texts.text;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;

class PassagesTest {
    @Test
    void givesEachPassageItsWords() {
        var passages = Passages.of(text("Sound [1:comes back] late", "[2:from a wall]", "and [1:goes on]"));
        assertThat(passages.find(passage(1))).contains("comes back\ngoes on");
        assertThat(passages.find(passage(2))).contains("from a wall");
        assertThat(passages.find(passage(3))).isEmpty();
    }

    @Test
    void takesASpanAsOneHoweverItIsLaidOut() {
        var span = new Passage(passage(1));
        var line = new Paragraph(List.of(
                new Text("comes ", Set.of(span)),
                new Text("back", Set.of(span, Style.BOLD, Highlight.ROSE)),
                new Text(" late", Set.of())));
        assertThat(Passages.of(new Document(List.of(line))).find(passage(1))).contains("comes back");
    }
}
