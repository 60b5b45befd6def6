package notchbook.core.growth;

import static java.util.stream.Collectors.toSet;
import static notchbook.core.coverage.CoverageCase.TODAY;
import static notchbook.core.syllabus.SyllabusTables.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import notchbook.core.coverage.CoverageCase;
import notchbook.core.coverage.Evidence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The first piece was made 42 days before today, the second on the day. Points of 2.1 weigh 10 % each, those of 2.2 20 %. */
class GrowthTest {
    private final CoverageCase notebook = new CoverageCase()
            .typed(42, "2.1a")
            .photo(20, "2.1b")
            .photo(0, "2.1a", "2.1b")
            .plan("2.1", 4, 5)
            .paper("2.1", 30, 40)
            .paper("2.1", 5, 80)
            .paper("2.2", 5, 10)
            .rating("2.1", 45, 3)
            .rating("2.1", 10, 2);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "points this work is evidence for            | 1      | 2       | 21 Oct: 2.1a; 2 Dec: 2.1a, 2.1b",
                "points of 2.1 covered               | 1 of 2 | 2 of 2  | 2.1b since 12 Nov",
                "of the marks in the exam covered, through 2.1 | 10 % | 20 %    | 2.1 has 20 % of the marks.",
                "kinds of evidence                   | 1      | 2       | 2 Dec: typed, photo",
                "in the latest papers on 2.1                 |        | 80 %    | '2 Nov: 2.1, 40 %; 27 Nov: 2.1, 80 %'",
                "how sure I was of 2.1, of 4                 | 3      | 2       | '2.1: 3, then 2; 2 Dec: under-sure, with 80 % in papers'",
                "after the lesson                            | 10 days | 52 days | 2.1: weeks 4 and 5",
            })
    void saysWhatChangedAndWhy(String what, String earlier, String later, String why) {
        var change = change(what, plain(0), plain(2));
        assertThat(change.earlier()).isEqualTo(Optional.ofNullable(earlier));
        assertThat(change.later()).isEqualTo(Optional.ofNullable(later));
        assertThat(String.join("; ", change.why())).isEqualTo(why);
    }

    @Test
    void takesNoNoticeOfWhatCameLater() {
        assertThat(change("in the latest papers on 2.1", plain(0), plain(1)).later())
                .contains("40 %");
        assertThat(change("kinds of evidence", plain(0), plain(1)).later()).contains("2");
    }

    @Test
    void leavesOutWhatLacksItsData() {
        var bare = new CoverageCase().typed(3, "2.1a").typed(1, "2.1a");
        assertThat(whats(bare, "2.1", bare.input().evidence()))
                .containsExactly(
                        "points this work is evidence for",
                        "points of 2.1 covered",
                        "of the marks in the exam covered, through 2.1",
                        "kinds of evidence");
    }

    @Test
    void hasNothingToSayOfWorkThatIsKeyedToNothing() {
        var loose = new CoverageCase().typed(3).typed(1);
        assertThat(Growth.in(loose.input(), Set.of()).between(plain(loose, 0), plain(loose, 1)))
                .isEmpty();
    }

    @Test
    void tellsOwnWordsAndRemarksOfEachPiece() {
        var earlier = new Piece(plain(0).work(), Optional.of(0.62), 2, 1);
        var later = new Piece(plain(2).work(), Optional.of(0.905), 0, 0);
        assertThat(change("in my own words", earlier, later).earlier()).contains("62 %");
        assertThat(change("in my own words", earlier, later).later()).contains("91 %");
        assertThat(change("remarks answered", earlier, later).earlier()).contains("1 of 2");
        assertThat(change("remarks answered", earlier, later).later()).isEmpty();
        assertThatThrownBy(() -> new Piece(plain(0).work(), Optional.empty(), 1, 2))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void takesSeveralTopicsTogether() {
        notebook.rating("2.2", 9, 3);
        var growth = growth(notebook, "2.1", "2.2");
        assertThat(of(growth, "in the latest papers on these topics", plain(0), plain(2))
                        .later())
                .contains("45 %");
        assertThat(of(growth, "how sure I was of these topics, of 4", plain(0), plain(2))
                        .later())
                .contains("2.5");
        assertThat(of(growth, "of the marks in the exam covered, through these topics", plain(0), plain(2))
                        .why())
                .singleElement()
                .asString()
                .startsWith("These topics have ");
        assertThat(of(growth, "points of these topics covered", plain(0), plain(2))
                        .later())
                .contains("2 of 4");
    }

    @Test
    void tellsOfAWholeSubjectFromDayToDay() {
        var all = notebook.edition.topics().map(topic -> topic.id()).collect(toSet());
        assertThat(Growth.in(notebook.input(), all).over(TODAY.minusDays(42), TODAY))
                .extracting(Change::what, Change::earlier, Change::later)
                .contains(
                        tuple("points of the subject covered", Optional.of("1 of 5"), Optional.of("2 of 5")),
                        tuple("in the latest papers on the subject", Optional.empty(), Optional.of("45 %")));
    }

    @Test
    void countsNoDaysBeforeTheLesson() {
        var early = new CoverageCase().typed(80, "2.1a").typed(0, "2.1a").plan("2.1", 11, 12);
        var change = of(growth(early, "2.1"), "after the lesson", plain(early, 0), plain(early, 1));
        assertThat(change.earlier()).isEmpty();
        assertThat(change.later()).contains("0 days");
    }

    @ParameterizedTest
    @CsvSource({
        "5, , , 0.0, 1, 0",
        "7, 3.0, , 0.5, 2, 1",
        "8, 3.0, , 0.5, 2, 1",
        "9, 3.0, 0.4, 1.0, 2, 1",
        "12, 2.0, 0.8, 1.0, 2, 1"
    })
    void standsAtTheEndOfEachWeek(int number, Double rating, Double paper, double covered, int sheets, int ofThisYear) {
        var weeks = GrowthWeek.of(
                notebook.input(),
                Set.of(id(notebook.edition, "2.1")),
                List.of(TODAY.minusWeeks(12), TODAY.minusDays(42 + 2)));
        assertThat(weeks).hasSize(12);
        assertThat(weeks.get(number - 1))
                .isEqualTo(new GrowthWeek(
                        number,
                        Optional.ofNullable(rating),
                        Optional.ofNullable(paper),
                        Optional.of(covered),
                        sheets,
                        (double) ofThisYear / number));
    }

    private Piece plain(int evidence) {
        return plain(notebook, evidence);
    }

    private static Piece plain(CoverageCase notebook, int evidence) {
        return new Piece(notebook.input().evidence().get(evidence), Optional.empty(), 0, 0);
    }

    private static Growth growth(CoverageCase notebook, String... topics) {
        return Growth.in(
                notebook.input(),
                Stream.of(topics).map(code -> id(notebook.edition, code)).collect(toSet()));
    }

    private Change change(String what, Piece earlier, Piece later) {
        return of(growth(notebook, "2.1"), what, earlier, later);
    }

    private static Change of(Growth growth, String what, Piece earlier, Piece later) {
        return growth.between(earlier, later).stream()
                .filter(change -> change.what().equals(what))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> whats(CoverageCase notebook, String topic, List<Evidence> work) {
        return growth(notebook, topic).between(plain(notebook, 0), plain(notebook, work.size() - 1)).stream()
                .map(Change::what)
                .toList();
    }
}
