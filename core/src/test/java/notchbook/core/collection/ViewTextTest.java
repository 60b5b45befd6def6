package notchbook.core.collection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import notchbook.core.collection.ViewText.Tied;
import notchbook.core.text.Document;
import notchbook.core.view.By;
import notchbook.core.view.Chart;
import notchbook.core.view.Look;
import notchbook.core.view.Scale;
import notchbook.core.view.Shape;
import notchbook.core.view.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ViewTextTest {
    private static final ViewColumn KIND = new ViewColumn(new By("kind", Scale.WORDS), "Kind", "");
    private static final ViewColumn COST = new ViewColumn(new By("cost", Scale.NUMBERS), "Cost", "a metre");
    private static final ViewColumn SEEN = new ViewColumn(new By("seen", Scale.DAYS), "Seen", "");
    private static final List<ViewColumn> ALL = List.of(KIND, COST, SEEN);

    /** Things as {@code title kind cost seen}, a dash for what is missing. */
    private static final List<Thing> DEFENCES = List.of(
            thing("Wall hard 6200 2026-10-03"),
            thing("Fence soft 95 2026-11-20"),
            thing("Beach soft 840 -"),
            thing("Minutes - - 2026-09-01"));

    private static Thing thing(String line) {
        var parts = line.split(" ");
        return new Thing(
                parts[0],
                line.toLowerCase(),
                Map.of(
                        "title", List.of(parts[0]),
                        "kind", values(parts[1]),
                        "cost", values(parts[2]),
                        "seen", values(parts[3]),
                        "why", parts[0].equals("Wall") ? List.of("Dear") : List.of()));
    }

    private static List<String> values(String part) {
        return part.equals("-") ? List.of() : List.of(part);
    }

    private static Look look(Shape shape, String words, String sort, String by, Optional<String> number) {
        return new Look(
                shape,
                words,
                Map.of(),
                sort.isEmpty() ? List.of() : List.of(new Look.Sort(sort.replace("-", ""), sort.startsWith("-"))),
                by.isEmpty() ? Optional.empty() : Optional.of(by),
                number.isPresent() ? Chart.Height.SUM : Chart.Height.COUNT,
                Optional.empty(),
                number,
                List.of());
    }

    private static Document text(Look look, List<Tied> ties) {
        return ViewText.of(DEFENCES, look, ALL, List.of(KIND, COST), KIND, ties, String.CASE_INSENSITIVE_ORDER);
    }

    private static String lines(Document text) {
        return String.join(
                " | ", Arrays.asList(text.plainText().replace('\t', ' ').split("\n")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            LIST;'';'';''; Name Kind Cost (a metre) Why it was kept | Wall hard 6,200 Dear | Fence soft 95 | Beach soft 840 | Minutes
            TABLE;soft;'';''; Name Kind Cost (a metre) | Fence soft 95 | Beach soft 840 | how many 2, 0 without | sum 935 | mean 467.5 | least 95 | most 840
            TABLE;'';cost;''; Name Kind Cost (a metre) | Fence soft 95 | Beach soft 840 | Wall hard 6,200 | Minutes | how many 3, 1 without | sum 7,135 | mean 2,378.33 | least 95 | most 6,200
            TABLE;minutes;'';''; Name | Minutes
            TABLE;nowhere;'';''; Nothing is in this view.
            TIME;'';'';seen; Name Kind Cost (a metre) | Minutes | Wall hard 6,200 | Fence soft 95 | Beach soft 840
            GROUPS;'';-cost;''; hard (1) | Name Cost (a metre) | Wall 6,200 | soft (2) | Name Cost (a metre) | Beach 840 | Fence 95 | Without “Kind” (1) | Name | Minutes
            PICTURES;wall;'';''; Name Kind Cost (a metre) | Wall hard 6,200
            PICTURES;wall;'';kind; hard (1) | Name Cost (a metre) | Wall 6,200
            CHART;'';'';''; Kind How many | hard 1 | soft 2 | Without “Kind”: 1
            """)
    void isWhatIsSeen(Shape shape, String words, String sort, String by, String expected) {
        assertThat(lines(text(look(shape, words, sort, by, Optional.empty()), List.of()))
                        .replaceAll(" +", " ")
                        .replace(" | ", "|")
                        .strip())
                .isEqualTo(expected.replace(" | ", "|").strip());
    }

    @Test
    void addsUpWhatAChartAddsUp() {
        assertThat(lines(text(look(Shape.CHART, "", "", "kind", Optional.of("cost")), List.of())))
                .contains("Kind Cost, added up", "hard 6,200 a metre", "soft 935 a metre");
    }

    /** Below the title of a page no level may be left out (PDF/UA-1, 7.4.2). */
    @Test
    void beginsWithTheFirstLevelOfHeadings() {
        var groups = text(look(Shape.GROUPS, "", "", "", Optional.empty()), List.of());
        assertThat(groups.blocks())
                .filteredOn(Document.Heading.class::isInstance)
                .hasSize(3)
                .allMatch(block -> ((Document.Heading) block).level() == 1);
    }

    @Test
    void saysWhatIsTiedOnABoard() {
        var ties = List.of(new Tied("Wall", "Beach", "starves", true), new Tied("Fence", "Beach", "", false));
        assertThat(lines(text(look(Shape.BOARD, "", "", "", Optional.empty()), ties)))
                .endsWith("What is tied | Wall → Beach: starves | Fence – Beach");
    }

    @Test
    void isCutWhereATableEnds() {
        var many = IntStream.range(0, 1_200)
                .mapToObj(i -> thing("Thing" + i + " - - -"))
                .toList();
        var text = ViewText.of(
                many,
                look(Shape.TABLE, "", "", "", Optional.empty()),
                ALL,
                ALL,
                KIND,
                List.of(),
                String.CASE_INSENSITIVE_ORDER);
        assertThat(text.plainText())
                .contains("Thing998")
                .doesNotContain("Thing999")
                .endsWith("And 201 more.");
    }
}
