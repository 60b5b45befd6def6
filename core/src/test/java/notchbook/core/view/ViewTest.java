package notchbook.core.view;

import static java.util.Comparator.naturalOrder;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ViewTest {
    private static final Comparator<String> WORDS = String.CASE_INSENSITIVE_ORDER;
    private static final By KIND = new By("kind", Scale.WORDS);
    private static final By COST = new By("cost", Scale.NUMBERS);
    private static final By SEEN = new By("seen", Scale.DAYS);

    /** Things as {@code id kind cost seen}, a dash for what is missing, a plus between several values. */
    private static List<Thing> things(String... lines) {
        return Arrays.stream(lines).map(ViewTest::thing).toList();
    }

    private static Thing thing(String line) {
        var parts = line.split(" ");
        return new Thing(
                parts[0], line, Map.of("kind", values(parts[1]), "cost", values(parts[2]), "seen", values(parts[3])));
    }

    private static List<String> values(String part) {
        return part.equals("-") ? List.of() : List.of(part.split("\\+"));
    }

    private static final List<Thing> DEFENCES = things(
            "wall hard 6200 2026-10-03",
            "armour Hard 1900 2026-10-03",
            "fence soft 95 2026-11-20",
            "beach soft 840 -",
            "minutes - - 2026-09-01",
            "dunes soft+people 95 2026-10-04");

    private static String ids(List<Thing> things) {
        return things.stream().map(Thing::id).collect(Collectors.joining(" "));
    }

    private static SortKey key(String key) {
        var by = Map.of("kind", KIND, "cost", COST, "seen", SEEN).get(key.replace("-", ""));
        return new SortKey(by, key.startsWith("-"));
    }

    @ParameterizedTest
    @CsvSource({
        "'', wall armour fence beach minutes dunes",
        "cost, fence dunes beach armour wall minutes",
        "-cost, wall armour beach fence dunes minutes",
        "kind, wall armour fence beach dunes minutes",
        "-kind, fence beach dunes wall armour minutes",
        "kind -cost, wall armour beach fence dunes minutes",
        "seen cost, minutes armour wall dunes fence beach",
        "-seen -cost, fence dunes wall armour minutes beach"
    })
    void sortsByAllKeysInTurnAndPutsWhatIsMissingLast(String keys, String sorted) {
        var by = Stream.of(keys.split(" "))
                .filter(key -> !key.isEmpty())
                .map(ViewTest::key)
                .toList();
        assertThat(ids(Sorting.of(DEFENCES, by, WORDS))).isEqualTo(sorted);
    }

    @Test
    void setsAThingIntoEachOfItsGroupsAndCountsItOnce() {
        var grouping = Grouping.of(DEFENCES, KIND, WORDS);
        assertThat(grouping.groups().stream().map(group -> group.value() + ": " + ids(group.things())))
                .containsExactly("hard: wall armour", "people: dunes", "soft: fence beach dunes");
        assertThat(ids(grouping.without())).isEqualTo("minutes");
        assertThat(grouping.count()).isEqualTo(6);
    }

    @Test
    void ordersGroupsOfNumbersByTheNumbers() {
        assertThat(Grouping.of(things("a x 10 -", "b x 9 -", "c x 1e1 -"), COST, WORDS)
                        .groups())
                .extracting(Group::value)
                .containsExactly("9", "10");
    }

    @ParameterizedTest
    @CsvSource({
        "wall, '', '', wall",
        "'soft 95', '', '', fence dunes",
        "'', kind, soft, fence beach dunes",
        "'', kind, hard+Hard, wall armour",
        "'', kind, '', minutes",
        "'', seen, '', beach",
        "2026, kind, soft, fence dunes",
        "nothing, '', '', ''"
    })
    void narrowsByWordsAndValues(String words, String detail, String wished, String seen) {
        var narrowing = new Narrowing(
                Stream.of(words.split(" ")).filter(word -> !word.isEmpty()).toList(),
                detail.isEmpty() ? Map.of() : Map.of(detail, Set.of(wished.split("\\+", -1))));
        assertThat(ids(narrowing.of(DEFENCES))).isEqualTo(seen);
    }

    @Test
    void addsUpANumberAndSaysHowManyLackIt() {
        var figures = ColumnFigures.of(DEFENCES, "cost").orElseThrow();
        assertThat(figures.count()).isEqualTo(5);
        assertThat(figures.missing()).isEqualTo(1);
        assertThat(figures.sum()).isEqualTo(9130);
        assertThat(figures.mean()).isEqualTo(1826);
        assertThat(figures.least()).isEqualTo(95);
        assertThat(figures.most()).isEqualTo(6200);
        assertThat(ColumnFigures.of(DEFENCES, "length")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "COUNT, hard 2 2 | people 1 1 | soft 3 3",
        "SUM, hard 2 8100 | people 1 95 | soft 3 1030",
        "MEAN, hard 2 4050 | people 1 95 | soft 3 343.3"
    })
    void drawsABarForEachValue(Chart.Height height, String bars) {
        var chart = Chart.of(DEFENCES, KIND, height, "cost", WORDS);
        assertThat(chart.bars().stream()
                        .map(bar -> "%s %d %s".formatted(bar.from(), bar.count(), rounded(bar.amount())))
                        .collect(Collectors.joining(" | ")))
                .isEqualTo(bars);
        assertThat(chart.without()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"COUNT, '0.33 0.17 0.5'", "SUM, '0.88 0.01 0.11'"})
    void tellsThePartOfTheWhole(Chart.Height height, String shares) {
        assertThat(Chart.of(DEFENCES, KIND, height, "cost", WORDS).shares().stream()
                        .map(share -> String.valueOf(Math.round(share * 100) / 100.0))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(shares);
    }

    @Test
    void hasNoPartsWithoutAWhole() {
        assertThat(Chart.of(List.of(), KIND, Chart.Height.COUNT, "", WORDS).shares())
                .isEmpty();
        var owed = things("a x -5 2026-11-01", "b y 10 2026-11-01");
        assertThat(Chart.of(owed, KIND, Chart.Height.SUM, "cost", WORDS).shares())
                .as("a part that takes away")
                .isEmpty();
    }

    private static String rounded(double amount) {
        return String.valueOf(Math.round(amount * 10) / 10.0).replaceFirst("\\.0$", "");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-01, 2026-11-26, DAY, 26, 2026-11-01, 2026-11-26",
        "2026-11-01, 2026-11-27, WEEK, 5, 2026-10-26, 2026-11-29",
        "2026-01-05, 2026-07-05, WEEK, 26, 2026-01-05, 2026-07-05",
        "2025-12-31, 2027-01-01, MONTH, 14, 2025-12-01, 2027-01-31",
        "1953-01-31, 1999-12-31, YEAR, 47, 1953-01-01, 1999-12-31",
        "2024-02-29, 2024-02-29, DAY, 1, 2024-02-29, 2024-02-29"
    })
    void countsDaysByTheirSpanWithoutGaps(String first, String last, DaySpan span, int bars, String from, String to) {
        var chart = Chart.of(things("a x 1 " + first, "b x 1 " + last), SEEN, Chart.Height.COUNT, "", WORDS);
        assertThat(chart.span()).contains(span);
        assertThat(chart.bars()).hasSize(bars);
        assertThat(chart.bars().getFirst().from()).isEqualTo(from);
        assertThat(chart.bars().getLast().to()).isEqualTo(to);
        assertThat(chart.bars().stream().mapToInt(Bar::count).sum()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({
        "0 100, 11, 0, 10",
        "95 6200, 7, 0, 1000",
        "3 3, 1, 3, 4",
        "-1 1, 11, -1, -0.8",
        "0.1 0.3, 11, 0.1, 0.12"
    })
    void countsNumbersInEvenSteps(String ends, int bars, String from, String to) {
        var two = ends.split(" ");
        var chart =
                Chart.of(things("a x " + two[0] + " -", "b x " + two[1] + " -"), COST, Chart.Height.COUNT, "", WORDS);
        assertThat(chart.bars()).hasSize(bars);
        assertThat(chart.bars().getFirst().from()).isEqualTo(from);
        assertThat(chart.bars().getFirst().to()).isEqualTo(to);
        assertThat(chart.bars().stream().mapToInt(Bar::count).sum()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({"1970-01-01, 0", "2000-03-01, 11017", "2026-11-29, 20786", "1600-02-29, -135081", "1969-12-31, -1"})
    void numbersDaysAndWritesThemBack(String day, int number) {
        assertThat(DayNumber.of(day)).isEqualTo(number);
        assertThat(DayNumber.written(number)).isEqualTo(day);
        assertThat((long) number).isEqualTo(java.time.LocalDate.parse(day).toEpochDay());
    }

    @Test
    void sortsNothingAndDrawsNothingWhereNothingIs() {
        assertThat(Sorting.of(List.of(), List.of(key("cost")), naturalOrder())).isEmpty();
        assertThat(Chart.of(List.of(), COST, Chart.Height.SUM, "cost", WORDS).bars())
                .isEmpty();
        assertThat(Chart.of(DEFENCES, KIND, Chart.Height.SUM, "length", WORDS).bars())
                .allSatisfy(bar -> assertThat(bar.amount()).isCloseTo(0, within(0.0)));
    }

    @ParameterizedTest
    @CsvSource({
        "'', '', '', '', cost kind seen",
        "cost, '', '', '', cost",
        "cost, kind, '', '', cost kind",
        "cost, '', seen, '', cost seen",
        "cost, '', '', kind, cost kind",
        "gone, '', '', '', cost kind seen",
    })
    void letsBeSeenWhatWasChosenAndWhatItWorksWith(String shown, String sorted, String by, String only, String seen) {
        var look = new Look(
                Shape.TABLE,
                "",
                only.isEmpty() ? Map.of() : Map.of(only, List.of("soft")),
                sorted.isEmpty() ? List.of() : List.of(new Look.Sort(sorted, false)),
                Optional.of(by).filter(said -> !said.isEmpty()),
                Chart.Height.COUNT,
                Optional.empty(),
                Optional.empty(),
                shown.isEmpty() ? List.of() : List.of(shown));
        assertThat(look.seenOf(List.of("kind", "cost", "seen"))).containsExactlyInAnyOrder(seen.split(" "));
    }
}
