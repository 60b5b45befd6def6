package notchbook.core.setwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import notchbook.core.setwork.Criteria.Criterion;
import notchbook.core.setwork.Criteria.Figures;
import notchbook.core.setwork.Criteria.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CriteriaTest {
    private static final Criteria TWO = new Criteria(List.of(
            new Criterion("Measures", List.of(new Level("once", 0), new Level("often", 2), new Level("and halves", 4))),
            new Criterion("Says how sure", List.of(new Level("no", 0), new Level("in figures", 3)))));

    @Test
    void addsUpWhatWasChosen() {
        assertThat(TWO.figures(Map.of(0, 1, 1, 1))).isEqualTo(new Figures(5, 7, 2, 2));
    }

    @Test
    void countsWhatIsNotJudgedYetOnNeitherSide() {
        assertThat(TWO.figures(Map.of(1, 0))).isEqualTo(new Figures(0, 3, 1, 2));
        assertThat(TWO.figures(Map.of())).isEqualTo(new Figures(0, 0, 0, 2));
        assertThat(TWO.figures(Map.of(0, 0, 1, 0))).isEqualTo(new Figures(0, 7, 2, 2));
    }

    @ParameterizedTest
    @CsvSource({"0,3", "2,0", "-1,0", "0,-1"})
    void leavesOutALevelThatIsNotThere(int criterion, int level) {
        assertThat(TWO.hasLevel(criterion, level)).isFalse();
        assertThat(TWO.figures(Map.of(criterion, level))).isEqualTo(new Figures(0, 0, 0, 2));
    }

    @Test
    void keepsLevelsWhenOnlyWordsAndPointsDiffer() {
        var measures = TWO.all().getFirst();
        var sure = TWO.all().getLast();
        var reworded = new Criterion("Is sure", List.of(new Level("never", 1), new Level("always", 9)));
        assertThat(new Criteria(List.of(measures, reworded)).keepsLevelsOf(TWO)).isTrue();
        assertThat(new Criteria(List.of(sure, measures)).keepsLevelsOf(TWO)).isFalse();
        assertThat(new Criteria(List.of(measures)).keepsLevelsOf(TWO)).isFalse();
        assertThat(Criteria.NONE.keepsLevelsOf(TWO)).isFalse();
    }

    @Test
    void comesToNothingWithoutCriteria() {
        assertThat(Criteria.NONE.figures(Map.of())).isEqualTo(new Figures(0, 0, 0, 0));
    }

    @Test
    void wantsEachLevelToBeWorthMoreThanTheOneBefore() {
        assertThatThrownBy(() -> new Criterion("Sure", List.of(new Level("no", 2), new Level("yes", 2))))
                .hasMessage("Each level of “Sure” has to be worth more than the one before it.");
    }

    @ParameterizedTest
    @CsvSource({"1", "7"})
    void wantsTwoToSixLevels(int count) {
        var levels =
                IntStream.range(0, count).mapToObj(i -> new Level("level", i)).toList();
        assertThatThrownBy(() -> new Criterion("Sure", levels)).hasMessage("“Sure” needs 2 to 6 levels.");
    }

    @Test
    void wantsNamesThatTellCriteriaApart() {
        var same = TWO.all().getFirst();
        assertThatThrownBy(() -> new Criteria(List.of(same, same))).hasMessageContaining("the same name");
        assertThatThrownBy(() -> new Criteria(Collections.nCopies(13, same))).hasMessageContaining("up to 12");
        assertThatThrownBy(() -> new Criterion(" ", same.levels())).hasMessageContaining("name");
    }

    @ParameterizedTest
    @CsvSource({"'',1", "often,-1", "often,101"})
    void refusesALevelThatSaysNothingOrIsWorthTooMuch(String words, int points) {
        assertThatThrownBy(() -> new Level(words, points)).isInstanceOf(IllegalArgumentException.class);
    }
}
