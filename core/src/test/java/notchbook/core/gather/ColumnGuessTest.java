package notchbook.core.gather;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.gather.Column.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColumnGuessTest {
    private static final Detail COST = new Detail(UUID.randomUUID(), "Cost", DetailKind.NUMBER, "a metre");

    private static Detail made(ColumnGuess.Wish wish) {
        return new Detail(new UUID(0, 0), wish.name(), wish.kind(), wish.unit());
    }

    private static List<Column> guess(List<String> headings, String... rows) {
        return ColumnGuess.of(
                headings,
                Arrays.stream(rows).map(row -> Arrays.asList(row.split("\\|"))).toList(),
                List.of(COST),
                ColumnGuessTest::made);
    }

    @ParameterizedTest
    @CsvSource({
        "Title, NAME",
        "name, NAME",
        "URL, ADDRESS",
        "Link, ADDRESS",
        "notes, NOTE",
        "Why I kept it, WHY",
        "Folder, HEADING"
    })
    void goesByTheNameOfAColumn(String heading, Part part) {
        assertThat(guess(List.of(heading), "x")).containsExactly(new Column.Of(part));
    }

    @ParameterizedTest
    @CsvSource({
        "Year, 2024;1990, NUMBER, Year, ''",
        "'Height (m)', 2;3.5, NUMBER, Height, m",
        "'Where (town)', Oddly;Skerrow, WORDS, 'Where (town)', ''",
        "Built, 3.11.2024;4.11.2024, DAY, Built, ''",
        "Seen, yes;no;yes, YES_OR_NO, Seen, ''",
        "Kind, hard;soft;hard;soft, ONE_OF, Kind, ''",
        "Kind, hard;soft;people, WORDS, Kind, ''"
    })
    void goesByWhatTheCellsHold(String heading, String cells, DetailKind kind, String name, String unit) {
        var columns = guess(
                List.of("Name", heading),
                Arrays.stream(cells.split(";")).map("x|"::concat).toArray(String[]::new));
        assertThat(columns.getLast()).isEqualTo(new Column.As(new Detail(new UUID(0, 0), name, kind, unit)));
    }

    @Test
    void takesADetailThatIsThere() {
        assertThat(guess(List.of("Name", "COST"), "x|12").getLast()).isEqualTo(new Column.As(COST));
    }

    @Test
    void namesThingsByTheFirstColumnOfWords() {
        assertThat(guess(List.of("Nr", "Defence"), "1|Groyne", "2|Wall"))
                .element(1)
                .isEqualTo(new Column.Of(Part.NAME));
    }

    @Test
    void usesNothingTwice() {
        assertThat(guess(List.of("Title", "Name", "Link", "URL"), "a|b|c|d"))
                .containsExactly(
                        new Column.Of(Part.NAME),
                        new Column.LeftOut(),
                        new Column.Of(Part.ADDRESS),
                        new Column.LeftOut());
    }

    @Test
    void leavesOutWhatIsEmpty() {
        assertThat(guess(List.of("Name", "Later"), "a|", "b")).element(1).isEqualTo(new Column.LeftOut());
    }
}
