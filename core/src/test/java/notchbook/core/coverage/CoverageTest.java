package notchbook.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import notchbook.core.notebook.EvidenceKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoverageTest {
    private final CoverageCase work = new CoverageCase();

    @Test
    void sumsTheWeightsOfCoveredPoints() {
        var coverage = work.typed(3, "2.1a", "2.2b").typed(2, "2.1a").coverage();
        assertThat(coverage.marksCovered()).isEqualTo(0.1 + 0.2, within(1e-9));
        assertThat(coverage.pointsBare()).isEqualTo(3);
    }

    @Test
    void countsANotchOnATopicAsEvidenceButCoversNoPoint() {
        var coverage = work.typed(3, "2.1").coverage();
        assertThat(coverage.marksCovered()).isZero();
        assertThat(work.standing("2.1")).isEqualTo("2 points bare");
    }

    @ParameterizedTest
    @CsvSource({"13,14,Planned", "12,13,This week", "10,12,This week", "10,11,Nothing yet"})
    void placesAnUntouchedTopicAgainstThePlan(int first, int last, String words) {
        assertThat(work.plan("2.1", first, last).standing("2.1")).isEqualTo(words);
    }

    @Test
    void saysNothingYetWithoutAPlan() {
        assertThat(work.standing("2.1")).isEqualTo("Nothing yet");
    }

    @Test
    void saysNothingYetInABreakInsideThePlan() {
        assertThat(work.plan("2.1", 8, 9).on(LocalDate.of(2026, 11, 4)).standing("2.1"))
                .isEqualTo("Nothing yet");
    }

    @ParameterizedTest
    @CsvSource({"13,14,1 point bare", "12,12,'This week, 1 bare'", "10,11,'Late, 1 bare'"})
    void placesAHalfCoveredTopicAgainstThePlan(int first, int last, String words) {
        assertThat(work.typed(3, "2.1a").plan("2.1", first, last).standing("2.1"))
                .isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"49,4,Shaky", "50,1,Solid", ",2,Shaky", ",3,Solid", ",,Solid"})
    void callsACoveredTopicShakyByPaperElseByRating(Double paper, Integer rating, String words) {
        covered();
        if (paper != null) {
            work.paper("2.1", 1, paper);
        }
        if (rating != null) {
            work.rating("2.1", 1, rating);
        }
        assertThat(work.standing("2.1")).isEqualTo(words);
    }

    @Test
    void takesTheLatestPaperAndRating() {
        covered().paper("2.1", 9, 20).paper("2.1", 2, 90).rating("2.1", 2, 1).rating("2.1", 9, 4);
        assertThat(work.topic("2.1").sureness()).contains(Sureness.UNDER_SURE);
    }

    @Test
    void saysOneKindOnlyBeforeSolid() {
        assertThat(work.typed(3, "2.1a").typed(2, "2.1b").standing("2.1")).isEqualTo("One kind only");
    }

    @Test
    void letsATopicNotchMakeASecondKind() {
        work.typed(3, "2.1a", "2.1b").evidence(EvidenceKind.REFLECTION, CoverageCase.TODAY, "2.1");
        assertThat(work.standing("2.1")).isEqualTo("Solid");
    }

    @ParameterizedTest
    @CsvSource({"14,Solid", "15,Not seen 2 weeks", "45,Not seen 6 weeks"})
    void asksForARevisitAfterItsInterval(int daysAgo, String words) {
        assertThat(work.typed(daysAgo, "2.1a").photo(daysAgo, "2.1b").standing("2.1"))
                .isEqualTo(words);
    }

    @Test
    void ranksWhatIsBareByWeightAndUrgency() {
        var next = work.plan("2.1", 2, 4)
                .plan("2.2", 11, 11)
                .plan("3.1", 13, 14)
                .coverage()
                .next();
        // 2.1: 0.2 x (1 + 8/4) = 0.6; 2.2: 0.4 x (1 + 1/4) = 0.5; 3.1 lies ahead and so comes last
        assertThat(next).extracting(step -> step.topic().code()).containsExactly("2.1", "2.2", "3.1");
    }

    @Test
    void putsOverdueRevisitsAfterWhatIsBare() {
        var next = work.typed(60, "2.2a", "2.2b")
                .typed(5, "2.1a")
                .plan("2.1", 10, 11)
                .coverage()
                .next();
        assertThat(next)
                .extracting(NextStep::reason)
                .containsExactly(
                        "Nothing yet",
                        "2.1b has no notes, class did it in weeks 10 and 11",
                        "Look again: not seen 8 weeks");
    }

    @Test
    void countsTopicsBehindThePlan() {
        assertThat(work.plan("2.1", 1, 2)
                        .plan("2.2", 11, 12)
                        .typed(3, "3.1a")
                        .plan("3.1", 1, 2)
                        .coverage()
                        .topicsBehind())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"3,0.49,OVER_SURE", "4,0.50,", "2,0.70,UNDER_SURE", "2,0.69,", "1,0.40,"})
    void setsRatingAgainstMarks(int rating, double share, Sureness sureness) {
        assertThat(Sureness.of(rating, share).orElse(null)).isEqualTo(sureness);
    }

    private CoverageCase covered() {
        return work.typed(3, "2.1a", "2.1b").photo(3, "2.1a");
    }
}
