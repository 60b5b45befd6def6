package notchbook.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;

class ProseTest {
    @Test
    void makesAPassageOfWhatAMarkOrANoteStandsOn() {
        var prose = prose();
        var line = (Paragraph) prose.document(List.of("[1:Half of it.] [T+3:Time it.] [A:Why?|Because.] [x"))
                .blocks()
                .getFirst();
        assertThat(line.content().getFirst()).isEqualTo(new Text("Half of it.", Set.of(new Passage(new UUID(0, 1)))));
        assertThat(prose.signs()).extracting(Prose.Sign::sign).containsExactly("T+3", "A");
        assertThat(prose.signs().getLast().answer()).isEqualTo("Because.");
        assertThat(prose().document(List.of("[x] sketch", "[T+1:Bring it.]")).blocks())
                .hasSize(2);
    }

    @Test
    void makesABlockOfEachLineAndOneOfLinesThatBelongTogether() {
        var document = prose().document(List.of(
                "## Echo",
                "It comes back.",
                "It is late.",
                "- wall",
                "- wheel",
                "1. clap",
                "2. listen",
                "[x] sketch",
                "[ ] ask",
                "> It cracked. -- The town paper",
                "| Try | s",
                "| 1 | 0.28",
                "$$2d = vt"));
        assertThat(document.blocks())
                .extracting(block -> (Object) block.getClass())
                .containsExactly(
                        Heading.class,
                        Paragraph.class,
                        Paragraph.class,
                        BulletList.class,
                        NumberedList.class,
                        CheckList.class,
                        Quotation.class,
                        Table.class,
                        FormulaBlock.class);
    }

    @Test
    void tellsWhatIsDoneAndWhereAQuotationIsFrom() {
        var checks = (CheckList)
                prose().document(List.of("[x] sketch", "[ ] ask")).blocks().getFirst();
        assertThat(checks.items()).extracting(CheckItem::isDone).containsExactly(true, false);
        var quotation = (Quotation) prose().document(List.of("> It cracked. -- The town paper"))
                .blocks()
                .getFirst();
        assertThat(quotation.source()).isEqualTo("The town paper");
    }

    @Test
    void makesTheFirstRowOfATableItsHeading() {
        var table = (Table)
                prose().document(List.of("| Try | s", "| 1 | 0.28")).blocks().getFirst();
        assertThat(table.rows()).extracting(row -> row.getFirst().isHeader()).containsExactly(true, false);
        assertThat(table.rows().get(1)).hasSize(2);
    }

    @Test
    void marksWordsWithinALine() {
        var line = (Paragraph) prose().document(List.of("so **thick** and ==late== is $v$"))
                .blocks()
                .getFirst();
        assertThat(line.content())
                .contains(
                        new Text("thick", Set.of(Style.BOLD)),
                        new Text("late", Set.of(Highlight.YELLOW)),
                        new Formula("v"));
    }

    private static Prose prose() {
        return new Prose(number -> new UUID(0, number));
    }
}
