package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;

class CitingTest {
    private static final UUID WALL = new UUID(1, 1);
    private static final UUID FENCE = new UUID(1, 2);
    private static final Link WEB = new Link("https://skerrow.example/wall");

    private static Paragraph cites(UUID thing) {
        return words(Set.of(new Link("#thing-" + thing), Style.ITALIC));
    }

    private static Paragraph words(Set<Mark> marks) {
        return new Paragraph(List.of(new Text("(Byrne, 2024)", marks)));
    }

    /** Every kind of block that holds words. */
    private static List<Block> all(Paragraph inner) {
        return List.of(
                inner,
                new Heading(2, inner.content()),
                new BulletList(List.of(List.of(inner))),
                new NumberedList(3, List.of(List.of(inner))),
                new CheckList(List.of(new CheckItem(true, List.of(inner)))),
                new Quotation("Byrne", List.of(inner)),
                new Table(List.of(List.of(new Cell(true, 2, 1, List.of(inner))))));
    }

    @Test
    void namesEachThingOnceInTheOrderOfReading() {
        var text = new Document(List.of(cites(FENCE), cites(WALL), cites(FENCE), words(Set.of(WEB))));
        assertThat(Citing.things(text)).containsExactly(FENCE, WALL);
    }

    @Test
    void leadsToWhereTheThingItselfDoes() {
        var text = new Document(all(cites(WALL)));
        assertThat(Citing.ledOn(text, thing -> Optional.of(WEB.address()), (thing, words) -> words))
                .isEqualTo(new Document(all(words(Set.of(WEB, Style.ITALIC)))));
    }

    @Test
    void leadsNowhereWhereTheThingIsGoneAndLeavesOtherLinks() {
        var text = new Document(List.of(cites(WALL), words(Set.of(WEB))));
        assertThat(Citing.ledOn(text, thing -> Optional.empty(), (thing, words) -> words))
                .isEqualTo(new Document(List.of(words(Set.of(Style.ITALIC)), words(Set.of(WEB)))));
    }

    @Test
    void saysOfEachThingWhatItIsToSayAndLeavesAllOtherWords() {
        var text = new Document(all(cites(WALL)));
        var worded =
                Citing.ledOn(text, thing -> Optional.empty(), (thing, words) -> thing.equals(WALL) ? "(1)" : words);
        assertThat(worded.plainText()).contains("(1)").doesNotContain("(Byrne, 2024)");
        var plain = new Document(all(words(Set.of(WEB))));
        assertThat(Citing.ledOn(plain, thing -> Optional.empty(), (thing, words) -> "(1)"))
                .isEqualTo(plain);
    }
}
