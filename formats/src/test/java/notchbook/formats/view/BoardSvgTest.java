package notchbook.formats.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class BoardSvgTest {
    private static final BoardSvg.Card WALL =
            new BoardSvg.Card("w", 0, 0, "The <wall> & what a very long name it has", "2400 a metre");
    private static final BoardSvg.Card SAND = new BoardSvg.Card("s", 400, 0, "Sand", "");

    @Test
    void drawsCardsAndTiesWithTheirWords() {
        var svg =
                BoardSvg.write("Costs", List.of(WALL, SAND), List.of(new BoardSvg.Line("w", "s", "starves <b>", true)));
        assertThat(svg).contains("The &lt;wall&gt; &amp; what a", "starves &lt;b&gt;", "2400 a metre", "url(#end)");
        assertThat(svg).as("a tie runs from edge to edge").contains("<line x1=\"196\"", "x2=\"400\"");
        assertThat(svg).contains("viewBox=\"-24 -24 644 ");
    }

    @Test
    void leavesOutATieToWhatIsNotThere() {
        assertThat(BoardSvg.write("Costs", List.of(WALL), List.of(new BoardSvg.Line("w", "gone", "x", false))))
                .doesNotContain("<line");
    }

    @Test
    void drawsAnEmptyBoardAndEndlessWords() {
        assertThat(BoardSvg.write("", List.of(), List.of())).contains("<svg");
        var endless = new BoardSvg.Card("l", 0, 0, "x".repeat(10_000), "");
        assertThat(BoardSvg.write("", List.of(endless), List.of()))
                .contains("x…")
                .hasSizeLessThan(2_000);
    }
}
