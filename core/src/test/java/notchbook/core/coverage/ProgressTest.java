package notchbook.core.coverage;

import static notchbook.core.coverage.CoverageCase.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Today is the Wednesday of week 12; the points of 2.1 weigh 10 % each, those of 2.2 20 %, 3.1a 40 %. */
class ProgressTest {
    private final CoverageCase notebook = new CoverageCase()
            .typed(12 * 7, "2.1a")
            .typed(14, "2.1b", "2.1a")
            .typed(0, "2.2a")
            .plan("2.1", 1, 2)
            .plan("3.1", 12, 12);

    @ParameterizedTest
    @CsvSource({"1, 0.1, 0.1", "2, 0.1, 0.2", "9, 0.1, 0.2", "10, 0.2, 0.2", "12, 0.4, 0.6", "13, , 0.6"})
    void growsFromTheFirstEvidenceOfEachPoint(int week, Double covered, double planned) {
        var found = progress().weeks().get(week - 1);
        assertThat(found.number()).isEqualTo(week);
        assertThat(found.covered().isPresent()).isEqualTo(covered != null);
        found.covered().ifPresent(share -> assertThat(share).isEqualTo(covered, within(1e-9)));
        assertThat(found.planned().orElseThrow()).isEqualTo(planned, within(1e-9));
    }

    @Test
    void keepsThePaceOfTheLastSixWeeksUntilTheExam() {
        notebook.exam(TODAY.plusWeeks(4));
        var forecast = progress().forecast();
        assertThat(forecast.pacePerWeek()).isEqualTo(0.3 / 6, within(1e-9));
        assertThat(forecast.weeksLeft()).isEqualTo(4);
        assertThat(forecast.atExam().orElseThrow()).isEqualTo(0.6, within(1e-9));
    }

    @Test
    void neverForecastsMoreThanThereIs() {
        notebook.exam(TODAY.plusWeeks(28));
        assertThat(progress().forecast().atExam()).contains(1.0);
    }

    @Test
    void forecastsNothingWithoutADay() {
        assertThat(progress().forecast().atExam()).isEmpty();
    }

    @Test
    void endsWhereTheMarksCoveredStand() {
        var weeks = progress().weeks();
        assertThat(weeks.get(11).covered()).contains(notebook.coverage().marksCovered());
        assertThat(weeks).hasSizeGreaterThan(30);
    }

    private Progress progress() {
        return Progress.of(notebook.input(), notebook.coverage());
    }
}
