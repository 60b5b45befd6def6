package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MergedTextTest {
    /** Paragraphs are kept apart by a slash. */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
                    The echo comes late; The echo comes back late; A echo comes late; A echo comes back late
                    The echo comes late; The echo comes late; Other words; Other words
                    One/two; One/two/three; Zero/One/two; Zero/One/two/three
                    One/two; One/two/mine; One/two/theirs; One/two/theirs/mine
                    One/two/three; One/three; One/two/three, four; One/three, four
                    One two three four; One 2 three four; One two three 4; One 2 three 4
                    One/two; two; One/two, changed; two, changed
                    Same; Same too; Same too; Same too
                    """)
    void mergesBlockByBlockThenWordByWord(String base, String mine, String theirs, String merged) {
        assertThat(MergedText.of(text(base), text(mine), text(theirs)).map(Document::plainText))
                .contains(merged.replace("/", "\n"));
    }

    @ParameterizedTest
    @CsvSource({"Light,Light bends,Light is fast", "One two,One 2,One II", "One two three,One three,One 2 three"})
    void hasNoOneTextWhereBothChangedTheSameWords(String base, String mine, String theirs) {
        assertThat(MergedText.of(text(base), text(mine), text(theirs))).isEmpty();
    }

    @Test
    void mergesWithinListsAndTicks() {
        var base = document(list("sand", "spit"), checks(false, "profile"));
        var mine = document(list("sand", "spit", "stump"), checks(false, "profile of the beach"));
        var theirs = document(list("white sand", "spit"), checks(true, "profile"));
        assertThat(MergedText.of(base, mine, theirs))
                .contains(document(list("white sand", "spit", "stump"), checks(true, "profile of the beach")));
    }

    @Test
    void keepsHowWordsAreSet() {
        var bold = new Text("late", Set.of(Style.BOLD));
        assertThat(MergedText.of(
                        text("The echo is late"),
                        document(paragraph(new Text("The echo is ", Set.of()), bold)),
                        text("An echo is late")))
                .contains(document(paragraph(new Text("An echo is ", Set.of()), bold)));
    }

    /** Whatever two people do to different words, all of it is there. */
    @Test
    void losesNothingOfTwoThatWorkApart() {
        var random = new Random(412);
        for (var round = 0; round < 200; round++) {
            var words = random.ints(40, 0, 1000).mapToObj(i -> "w" + i).toArray(String[]::new);
            var mine = words.clone();
            var theirs = words.clone();
            mine[random.nextInt(18)] = "mine";
            theirs[22 + random.nextInt(18)] = "theirs";
            var merged = MergedText.of(text(words), text(mine), text(theirs)).orElseThrow();
            assertThat(merged.plainText()).contains("mine", "theirs");
            assertThat(merged.plainText().split(" ")).hasSize(40);
        }
    }

    private static Document text(String... words) {
        return new Document(Arrays.stream(String.join(" ", words).split("/"))
                .<Block>map(line -> paragraph(new Text(line, Set.of())))
                .toList());
    }

    private static Document document(Block... blocks) {
        return new Document(List.of(blocks));
    }

    private static Paragraph paragraph(Inline... content) {
        return new Paragraph(List.of(content));
    }

    private static BulletList list(String... items) {
        return new BulletList(Arrays.stream(items)
                .map(item -> List.<Block>of(paragraph(new Text(item, Set.of()))))
                .collect(Collectors.toList()));
    }

    private static CheckList checks(boolean isDone, String words) {
        return new CheckList(List.of(new CheckItem(isDone, List.of(paragraph(new Text(words, Set.of()))))));
    }
}
